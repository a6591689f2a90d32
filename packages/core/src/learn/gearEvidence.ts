import { COOK_SPREAD, KITCHEN_SPREAD } from '../gear/deviationSpread';
import { ovenLooksSigma } from '../estimate/ovenObservations';
import type { Observation } from '../maths/robustLeastSquares';
import { GUN_ERROR, type CookData } from './cookData';
import type { EvidenceKind } from './evidenceKind';
import { AT, unitPrior } from './evidenceParameters';
import { panAfterWarming, panExcess } from './panWarmUp';
import type { LearnedTraits } from './traits';

/** Standard deviation of the model of a pan while it warms up, K. Estimate. */
const WARMING = 12;

/** An observation with the sort of evidence that it belongs to. */
export interface EvidenceRow extends Observation {
  readonly kind: EvidenceKind;
}

/** Observations of the equipment itself. */
export const gearRows = (
  read: CookData,
  traits: LearnedTraits,
  burnerPan: number,
): readonly EvidenceRow[] => {
  const { gear, plan } = read.cook;
  const rows: EvidenceRow[] = [];
  if (read.air) {
    const slopes = unitPrior();
    slopes[AT.oven] = KITCHEN_SPREAD.oven;
    slopes[AT.ownOven] = COOK_SPREAD.oven;
    rows.push({
      kind: 'oven',
      measured: read.air.over,
      predicted: traits.oven - gear.oven.offset,
      slopes,
      sigma: ovenLooksSigma(read.air.count),
    });
  }
  if (read.byClock && read.panSeen) {
    const slopes = unitPrior();
    slopes[AT.burner] = burnerPan;
    slopes[AT.ownPan] = COOK_SPREAD.pan;
    rows.push({
      kind: 'gun',
      measured: read.panSeen.over,
      predicted: panExcess(gear, plan.request.pan, traits.burner),
      slopes,
      sigma: GUN_ERROR / Math.sqrt(read.panSeen.count),
    });
  }
  for (const { seconds, celsius } of read.warming) {
    const slopes = unitPrior();
    const predicted = panAfterWarming(gear, seconds, traits.burner);
    slopes[AT.burner] =
      (panAfterWarming(gear, seconds, traits.burner * Math.exp(0.05)) - predicted) / 0.05;
    slopes[AT.burner] *= KITCHEN_SPREAD.burner;
    const deviation = Math.hypot(GUN_ERROR, WARMING) * Math.sqrt(read.warming.length);
    rows.push({
      kind: 'gun',
      measured: celsius,
      predicted,
      slopes,
      sigma: Math.min(60, deviation),
    });
  }
  return rows;
};
