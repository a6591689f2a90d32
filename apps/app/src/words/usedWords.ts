import type { GearUsed } from '@crustan/core/learn/loggedCook';
import type { PlanRequest } from '@crustan/core/plan/request';
import { usesOven } from '@crustan/core/plan/way';
import type { Show } from './show';
import { t } from '../t';

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** Calibration and settings that a plan used, in a sentence; undefined if it used neither. */
export const usedWords = (
  gear: GearUsed | undefined,
  { learned, way }: PlanRequest,
  show: Show,
): string | undefined => {
  const oven = usesOven(way) ? (gear?.oven.offset ?? 0) : 0;
  const ovenHeat = usesOven(way) ? (learned?.ovenHeat ?? 1) : 1;
  const burner = gear?.burner.share ?? 1;
  const said = [
    ...(Math.abs(oven) >= 0.5
      ? [
          t('the-oven-than-its-dial', {
            difference: show.difference(Math.abs(oven)),
            part: oven > 0 ? t('hotter') : t('cooler'),
          }),
        ]
      : []),
    ...(ovenHeat === 1
      ? []
      : [t('the-oven-heating-at-of-nominal', { percent: percent(ovenHeat) })]),
    ...(burner === 1 ? [] : [t('the-burner-at-of-its-plate', { percent: percent(burner) })]),
    ...(learned && learned.contact !== 1
      ? [t('the-pans-contact-at-of-nominal', { percent: percent(learned.contact) })]
      : []),
    ...(learned && learned.thickness !== 0
      ? [
          t('pieces-than-you-measure', {
            depth: show.depth(Math.abs(learned.thickness)),
            part: learned.thickness > 0 ? t('thicker-2') : t('thinner-2'),
          }),
        ]
      : []),
  ];
  if (learned?.crust !== undefined && learned.crust !== 0) {
    said.push(
      t('crusts-named-by-your-eye', { part: learned.crust > 0 ? t('darker') : t('paler') }),
    );
  }
  return said.length === 0
    ? undefined
    : t('planned-with-what-was-learned-or-set', { said: said.join('; ') });
};
