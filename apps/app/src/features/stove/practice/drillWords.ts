import type { PracticeResultRecord } from '@crustan/core/formats/practiceSchema';
import type { ReadinessSign } from '@crustan/core/gear/readiness';
import { callBias, type CallBias, type DrillKind } from '@crustan/core/simulation/callBias';
import type { Show } from '../../../words/show';
import { latestCalls } from '../../../store/latestCalls';
import { t } from '../t';

interface DrillWords {
  readonly title: string;
  readonly task: string;
  readonly asks: string;
}

export const DRILL_WORDS: Readonly<Record<DrillKind, DrillWords>> = {
  touch: {
    title: t('doneness-by-the-finger'),
    task: t('how-it-gives-under-a-finger-say'),
    asks: t('you-press-it-how-done-is-it'),
  },
  slice: {
    title: t('doneness-by-the-colour'),
    task: t('a-slice-of-the-models-say-what'),
    asks: t('it-is-sliced-what-did-the-middle'),
  },
  pan: {
    title: t('a-pan-by-drop-wisp-and-sound'),
    task: t('what-a-drop-of-water-the-oil'),
    asks: t('how-hot-is-the-pan'),
  },
};

/** Visible signs of a pan's temperature. */
export const SIGN_WORDS: Readonly<Record<ReadinessSign['sign'], string>> = {
  'drop-sizzles': t('a-drop-of-water-boils-away-flat'),
  'drop-dances': t('a-drop-of-water-skates-about'),
  shimmer: t('the-oil-runs-thin-and-shimmers'),
  wisp: t('a-wisp-of-smoke-rises'),
  infrared: t('a-gun-reads-it'),
  sound: t('it-sizzles'),
};

/** Bias below which none is reported, K. */
const NO_BIAS: Readonly<Record<DrillKind, number>> = { touch: 1, slice: 1, pan: 8 };

/** Mean error of a learner's answers, and its direction. */
export const describeBias = (kind: DrillKind, found: CallBias, show: Show): string => {
  const { calls, right, bias } = found;
  const share = t('of-right', { value: Math.round(right * calls), calls });
  if (Math.abs(bias) < NO_BIAS[kind]) return t('you-lean-neither-way', { share });
  const what = kind === 'pan' ? t('the-pan') : t('it-2');
  const leans = bias > 0 ? t('hotter') : t('cooler');
  const mend =
    kind === 'pan'
      ? bias > 0
        ? t('wait-longer-than-you-would')
        : t('go-in-sooner-than-you-would')
      : bias > 0
        ? t('leave-it-on-a-little-longer-than')
        : t('take-it-off-a-little-before-your');
  return t('you-take-for-than-it-is', {
    share,
    what,
    difference: show.difference(Math.abs(bias)),
    leans,
    mend,
  });
};

/** Summary of a learner's latest answers; undefined before the first. */
export const describeDrillRecord = (
  kind: DrillKind,
  results: readonly PracticeResultRecord[],
  show: Show,
): string | undefined => {
  const found = callBias(kind, latestCalls(results, kind));
  return found && `${DRILL_WORDS[kind].task} ${describeBias(kind, found, show)}`;
};
