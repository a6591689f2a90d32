import { crustColour, type Browned, type CrustColour } from '@crustan/core/doneness';
import type {
  CRUNCH_FELT,
  CRUST_SEEN,
  GREY_BAND_SEEN,
  JUICE_SEEN,
  SEASONING_TASTED,
  TENDERNESS_FELT,
  WOULD_COOK_AGAIN,
} from '@crustan/core/formats/judgementSchema';
import { t } from '../t';

type JudgedCode =
  | CrustColour
  | (typeof CRUST_SEEN)[number]
  | (typeof CRUNCH_FELT)[number]
  | (typeof GREY_BAND_SEEN)[number]
  | (typeof JUICE_SEEN)[number]
  | (typeof SEASONING_TASTED)[number]
  | (typeof TENDERNESS_FELT)[number]
  | (typeof WOULD_COOK_AGAIN)[number];

/** Words for each judgement of a piece. */
export const JUDGED_WORDS: Readonly<Record<JudgedCode, string>> = {
  pale: t('pale'),
  golden: t('golden'),
  'deep-brown': t('deep-brown'),
  dark: t('dark'),
  'very-dark': t('very-dark'),
  burnt: t('burnt'),
  soft: t('soft'),
  some: t('some'),
  crisp: t('crisp'),
  none: t('none'),
  thin: t('thin'),
  wide: t('wide'),
  'dry-board': t('dry-board'),
  little: t('a-little'),
  pool: t('a-pool'),
  tough: t('tough'),
  fair: t('fair'),
  tender: t('tender'),
  'too-little': t('too-little'),
  right: t('right'),
  'too-much': t('too-much'),
  again: t('again'),
  'with-change': t('with-a-change'),
  never: t('never-again'),
};

/** Words for a judgement; a dash if it is missing. */
export const describeJudged = (code: JudgedCode | undefined): string =>
  code === undefined ? '–' : JUDGED_WORDS[code];

/** Appearance of a crust with a browning index. */
export const describeCrust = (index: number, by: Browned): string =>
  JUDGED_WORDS[crustColour(index, by)];
