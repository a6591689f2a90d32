import type { GearUsed } from '@crustan/core/learn/loggedCook';
import type { PlanRequest } from '@crustan/core/plan/request';
import { usesOven } from '@crustan/core/plan/way';
import type { Show } from './show';

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
          `the oven ${show.difference(Math.abs(oven))} ${oven > 0 ? 'hotter' : 'cooler'} than its dial`,
        ]
      : []),
    ...(ovenHeat === 1 ? [] : [`the oven heating at ${percent(ovenHeat)} of nominal`]),
    ...(burner === 1 ? [] : [`the burner at ${percent(burner)} of its plate`]),
    ...(learned && learned.contact !== 1
      ? [`the pan’s contact at ${percent(learned.contact)} of nominal`]
      : []),
    ...(learned && learned.thickness !== 0
      ? [
          `pieces ${show.depth(Math.abs(learned.thickness))} ${learned.thickness > 0 ? 'thicker' : 'thinner'} than you measure`,
        ]
      : []),
  ];
  if (learned?.crust !== undefined && learned.crust !== 0) {
    said.push(`crusts named ${learned.crust > 0 ? 'darker' : 'paler'}, by your eye`);
  }
  return said.length === 0
    ? undefined
    : `Planned with what was learned or set: ${said.join('; ')}.`;
};
