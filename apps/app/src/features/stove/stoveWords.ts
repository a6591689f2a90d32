import { translateName } from '@crustan/messages';
import type { KeptPlan } from '@crustan/core/formats';
import type { DueStep } from '@crustan/core/cook/cookState';
import { pressFor, type PressKind } from '@crustan/core/cook/press';
import { pullsFromOven } from '@crustan/core/plan/pullsFromOven';
import { cutOf } from '@crustan/core/plan/request';
import { startsCold } from '@crustan/core/plan/startsCold';
import { capital } from '../../words/cutWords';
import { liftWords, pullWords, describeIntoPan } from '../../words/holdWords';
import type { Show } from '../../words/show';
import { PRESS_ADVICE, readingSentence } from '../../words/kitchenWords';
import { t } from './t';

/** Values that the words of a step are built from. */
interface StepContext {
  readonly step: DueStep;
  readonly plan: KeptPlan;
  readonly leg: KeptPlan['legs'][number] | undefined;
  readonly show: Show;
}
type Words = string | ((context: StepContext) => string);

interface StepWords {
  /** Instruction, in large type, as short as possible. */
  readonly action: Words;
  /** One line under it: how, or what to watch. */
  readonly how: Words;
  /** Label of the large button, in the past tense. */
  readonly happened: Words;
}

const intoOven = ({ leg, show }: StepContext): string =>
  t('into-the-oven-at', { degrees: show.degrees(leg?.air ?? 0) });
const ON_A_RACK = t('on-a-rack-over-a-tray-the');
const isIn: Words = ({ plan }) =>
  plan.legs[0]?.kind === 'oven' ? t('it-is-in-the-oven') : t('it-is-in-the-pan');

const STEP_WORDS: Readonly<Record<DueStep['kind'], StepWords>> = {
  heat: {
    action: t('put-the-pan-on'),
    how: ({ plan, show }) =>
      t('dry-and-on-full-extractor-first-it', { degrees: show.degrees(plan.request.pan) }),
    happened: t('the-pan-is-on'),
  },
  in: {
    action: (context) => {
      const { leg, plan, show } = context;
      if (leg?.kind === 'oven') return intoOven(context);
      if (leg?.kind === 'edge') return t('on-its-fat-edge');
      return startsCold(plan.request)
        ? t('skin-down-cold-pan')
        : t('into-the-pan-at', { degrees: show.degrees(plan.request.pan) });
    },
    how: ({ leg, plan }) => {
      if (leg?.kind === 'oven') return ON_A_RACK;
      if (leg?.kind === 'edge') return t('held-with-the-tongs-until-the-fat');
      return startsCold(plan.request)
        ? t('scored-no-oil-burner-half-way-pour')
        : t('oil-shimmering-not-smoking-lay-it-away', { words: PRESS_ADVICE[plan.request.press] });
    },
    happened: isIn,
  },
  flat: {
    action: t('lay-it-flat'),
    how: ({ plan }) => t('away-from-you', { words: PRESS_ADVICE[plan.request.press] }),
    happened: t('it-lies-flat'),
  },
  turn: {
    action: ({ step }) =>
      step.often ? t('turn-2', { turn: step.turn ?? '' }).trim() : t('turn-it'),
    how: ({ leg, step, plan }) => {
      if (leg?.kind === 'oven') return t('be-quick-the-open-door-costs-heat');
      return step.often
        ? t('every-s-to-fresh-hot-iron', { every: plan.request.every })
        : t('tongs-not-a-fork-straight-down-on');
    },
    happened: t('i-turned-it'),
  },
  butter: {
    action: t('butter-in-baste'),
    how: t('burner-down-first-foaming-never-brown-long'),
    happened: t('the-butter-is-in'),
  },
  edges: {
    action: t('round-its-edges'),
    how: t('rolled-round-with-the-tongs-each-edge'),
    happened: t('i-am-at-its-edges'),
  },
  'burner-down': {
    action: ({ leg, show }) => t('burner-down-pan-to', { degrees: show.degrees(leg?.pan ?? 0) }),
    how: t('it-has-browned-the-rest-of-the'),
    happened: t('the-burner-is-down'),
  },
  'into-oven': {
    action: intoOven,
    how: ({ plan, leg }) =>
      plan.request.ovenOn === 'pan' && leg?.pan !== undefined
        ? t('in-its-pan-from-now-on-the')
        : ON_A_RACK,
    happened: t('it-is-in-the-oven'),
  },
  'oven-set': {
    action: ({ leg, show }) => t('oven-to', { degrees: show.degrees(leg?.air ?? 0) }),
    how: t('the-piece-stays-in-keep-the-door'),
    happened: t('the-oven-is-set'),
  },
  out: {
    action: ({ plan, show }) =>
      pullsFromOven(plan)
        ? t('out-at-into-the-pan', { degrees: show.degrees(plan.pullCore) })
        : t('out-into-the-pan'),
    how: ({ plan, show }) =>
      t('probe-out-with-a-towel-not-by', {
        readingSentence: readingSentence(plan, 'pull', show),
        degrees: show.degrees(plan.request.pan),
      }),
    happened: t('it-is-out-in-the-pan'),
  },
  lift: {
    action: ({ plan, step, show }) => liftWords(step.leg ?? 0, plan, show).does,
    how: ({ plan, step, show }) => `${capital(liftWords(step.leg ?? 0, plan, show).why)}.`,
    happened: ({ leg }) =>
      leg?.kind === 'board' && leg.air !== undefined
        ? t('the-oven-is-down')
        : t('it-is-on-the-board'),
  },
  back: {
    action: ({ leg, step, plan, show }) =>
      t('at-4', {
        intoPan: describeIntoPan(step.leg ?? 0, plan),
        degrees: show.degrees(leg?.pan ?? plan.request.pan),
      }),
    how: t('a-drop-of-water-should-skate-on'),
    happened: ({ step, plan }) =>
      describeIntoPan(step.leg ?? 0, plan) === 'Into the pan'
        ? t('it-is-in-the-pan')
        : t('it-is-back-in-the-pan'),
  },
  pull: {
    action: ({ plan, show }) => pullWords(plan, show),
    how: ({ plan, show }) =>
      t('core-it-climbs-to-in-the-rest', {
        temperature: show.temperature(plan.doneCore),
        readingSentence: readingSentence(plan, 'done', show),
        degrees: show.degrees(plan.peakCore),
      }),
    happened: ({ plan }) =>
      plan.legs.at(-1)?.kind === 'oven' ? t('it-is-out-of-the-oven') : t('it-is-out-of-the-pan'),
  },
  slice: {
    action: t('slice'),
    how: ({ plan }) =>
      t('burner-off-resting', { slicing: translateName(cutOf(plan.request).slicing) }),
    happened: t('i-sliced-it'),
  },
  judge: { action: t('how-was-it'), how: '', happened: '' },
};

const say =
  (which: keyof StepWords) =>
  (step: DueStep, plan: KeptPlan, show: Show): string => {
    const words = STEP_WORDS[step.kind][which];
    const leg = step.leg === undefined ? undefined : plan.legs[step.leg];
    return typeof words === 'string' ? words : words({ step, plan, leg, show });
  };

export const describeAction = say('action');
export const describeHow = say('how');
export const describeHappened = say('happened');

/** The press a step's button records: always that of the step itself; judging records none. */
export const pressOf = (step: DueStep): PressKind | undefined => {
  if (step.kind === 'judge') return undefined;
  return step.kind === 'heat' ? 'pan-on' : pressFor(step.kind);
};
