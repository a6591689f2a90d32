import { weighedLoss } from '@crustan/core/formats/judgementSchema';
import { effectiveEvents } from '@crustan/core/cook/effectiveEvents';
import { differenceOf, pairsToSee } from '@crustan/core/trial/difference';
import { formatDuration } from '@crustan/core/units';
import type { Show } from '../../words/show';
import type { CookedArm } from './TrialArms';
import { lossOf } from '@crustan/core/heat/drip';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

/**
 * Standard deviation between two pieces cooked the same way, if their plans do not give it: the share of weight lost.
 * Estimate, from butchers' pieces of one muscle.
 */
const LOSS_SCATTER = 0.015;

const heatOf = ({ cook }: CookedArm): number | undefined => {
  const effective = effectiveEvents(cook.events);
  const at = (kind: 'in' | 'pulled') => effective.find((event) => event.kind === kind)?.at;
  const [from, to] = [at('in'), at('pulled')];
  return from === undefined || to === undefined ? undefined : (to - from) / 1000;
};

interface Figure {
  readonly name: string;
  readonly measured: (arm: CookedArm) => number | undefined;
  readonly simulated: (arm: CookedArm) => number;
  readonly scatter: (arm: CookedArm) => number | undefined;
  readonly say: (by: number) => string;
}

const figuresIn = (show: Show): readonly Figure[] => [
  {
    name: t('the-end'),
    measured: ({ cook }) => cook.judgement?.endTemperature,
    simulated: ({ cook }) => cook.plan.plan.peakCore,
    scatter: ({ cook }) => cook.plan.spread?.endTemperature,
    say: (kelvin) => show.difference(kelvin),
  },
  {
    name: t('the-time-over-heat'),
    measured: heatOf,
    simulated: ({ cook }) => cook.plan.plan.cookSeconds,
    scatter: ({ cook }) => cook.plan.spread?.seconds,
    say: (seconds) => formatDuration(seconds),
  },
  {
    name: t('the-loss'),
    measured: ({ cook }) => cook.judgement && weighedLoss(cook.judgement),
    simulated: ({ cook }) => lossOf(cook.plan.plan).central,
    scatter: () => LOSS_SCATTER,
    say: (share) => t('of-the-weight', { value: formatFixed(share * 100, 1) }),
  },
];

/** Difference of each piece of a trial from the first, and the conclusions that it supports. */
export const findingsOf = (arms: readonly CookedArm[], show: Show): readonly string[] => {
  const [first, ...others] = arms;
  return first ? others.flatMap((other) => findingsOfPair(first, other, show)) : [];
};

const findingsOfPair = (a: CookedArm, b: CookedArm, show: Show): readonly string[] =>
  figuresIn(show).flatMap(({ name, measured, simulated, scatter, say }) => {
    const spread = Math.max(scatter(a) ?? 0, scatter(b) ?? 0);
    if (spread === 0) return [];
    const foreseen = simulated(b) - simulated(a);
    const pairs = pairsToSee(foreseen, spread);
    const model =
      Math.abs(foreseen) < 0.25 * spread
        ? t('the-model-has-next-to-no-difference')
        : t('the-model-has', {
            say: say(Math.abs(foreseen)),
            part: foreseen > 0 ? t('more') : t('less'),
            label: b.label,
          });
    const [ma, mb] = [measured(a), measured(b)];
    if (ma === undefined || mb === undefined) {
      return [t('not-measured-on-both', { name, model })];
    }
    const { by, expected: usual, beyond } = differenceOf({ a: ma, b: mb, scatter: spread });
    const said = t('than', {
      name,
      say: say(Math.abs(by)),
      part: by > 0 ? t('more') : t('less'),
      label: b.label,
      label2: a.label,
      model,
    });
    const like = t('two-pieces-cooked-alike-differ-by-up', { say: say(usual) });
    const verdict = beyond
      ? t('this-is-more-so-something-did-differ', { like })
      : t('this-is-within-that-range-so-it', { like });
    const more =
      pairs === undefined || pairs <= 1 ? '' : t('to-see-what-the-model-foresees-takes', { pairs });
    return [`${said} ${verdict}${more}`];
  });
