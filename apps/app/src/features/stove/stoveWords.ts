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
  `Into the oven at ${show.degrees(leg?.air ?? 0)}`;
const ON_A_RACK = 'On a rack over a tray, the probe in the middle of it.';
const isIn: Words = ({ plan }) =>
  plan.legs[0]?.kind === 'oven' ? 'It is in the oven' : 'It is in the pan';

const STEP_WORDS: Readonly<Record<DueStep['kind'], StepWords>> = {
  heat: {
    action: 'Put the pan on',
    how: ({ plan, show }) =>
      `Dry and on full, extractor first: it takes until the piece goes in to reach ${show.degrees(plan.request.pan)}. Set out tongs, thermometer, board and rack meanwhile.`,
    happened: 'The pan is on',
  },
  in: {
    action: (context) => {
      const { leg, plan, show } = context;
      if (leg?.kind === 'oven') return intoOven(context);
      if (leg?.kind === 'edge') return 'On its fat edge';
      return startsCold(plan.request)
        ? 'Skin down, cold pan'
        : `Into the pan at ${show.degrees(plan.request.pan)}`;
    },
    how: ({ leg, plan }) => {
      if (leg?.kind === 'oven') return ON_A_RACK;
      if (leg?.kind === 'edge') return 'Held with the tongs until the fat has coloured.';
      return startsCold(plan.request)
        ? 'Scored, no oil, burner half-way. Pour the fat off as it melts.'
        : `Oil shimmering, not smoking. Lay it away from you; ${PRESS_ADVICE[plan.request.press]}.`;
    },
    happened: isIn,
  },
  flat: {
    action: 'Lay it flat',
    how: ({ plan }) => `Away from you; ${PRESS_ADVICE[plan.request.press]}.`,
    happened: 'It lies flat',
  },
  turn: {
    action: ({ step }) => (step.often ? `Turn ${step.turn ?? ''}`.trim() : 'Turn it'),
    how: ({ leg, step, plan }) => {
      if (leg?.kind === 'oven') return 'Be quick: the open door costs heat.';
      return step.often
        ? `Every ${plan.request.every} s, to fresh hot iron.`
        : 'Tongs, not a fork. Straight down on fresh hot iron.';
    },
    happened: 'I turned it',
  },
  butter: {
    action: 'Butter in, baste',
    how: 'Burner down first. Foaming, never brown; long spoon, pan tilted away from you.',
    happened: 'The butter is in',
  },
  edges: {
    action: 'Round its edges',
    how: 'Rolled round with the tongs, each edge until it has coloured.',
    happened: 'I am at its edges',
  },
  'burner-down': {
    action: ({ leg, show }) => `Burner down, pan to ${show.degrees(leg?.pan ?? 0)}`,
    how: 'It has browned: the rest of the heat comes more slowly.',
    happened: 'The burner is down',
  },
  'into-oven': {
    action: intoOven,
    how: ({ plan, leg }) =>
      plan.request.ovenOn === 'pan' && leg?.pan !== undefined
        ? 'In its pan. From now on the sleeve stays on the handle.'
        : ON_A_RACK,
    happened: 'It is in the oven',
  },
  'oven-set': {
    action: ({ leg, show }) => `Oven to ${show.degrees(leg?.air ?? 0)}`,
    how: 'The piece stays in; keep the door shut.',
    happened: 'The oven is set',
  },
  out: {
    action: ({ plan, show }) =>
      pullsFromOven(plan)
        ? `Out at ${show.degrees(plan.pullCore)}, into the pan`
        : 'Out, into the pan',
    how: ({ plan, show }) =>
      `${readingSentence(plan, 'pull', show)}Probe out with a towel, not by hand. The pan should be at ${show.degrees(plan.request.pan)} by now.`,
    happened: 'It is out, in the pan',
  },
  lift: {
    action: ({ plan, step, show }) => liftWords(step.leg ?? 0, plan, show).does,
    how: ({ plan, step, show }) => `${capital(liftWords(step.leg ?? 0, plan, show).why)}.`,
    happened: ({ leg }) =>
      leg?.kind === 'board' && leg.air !== undefined ? 'The oven is down' : 'It is on the board',
  },
  back: {
    action: ({ leg, step, plan, show }) =>
      `${describeIntoPan(step.leg ?? 0, plan)} at ${show.degrees(leg?.pan ?? plan.request.pan)}`,
    how: 'A drop of water should skate on the iron before it goes in.',
    happened: ({ step, plan }) =>
      describeIntoPan(step.leg ?? 0, plan) === 'Into the pan'
        ? 'It is in the pan'
        : 'It is back in the pan',
  },
  pull: {
    action: ({ plan, show }) => pullWords(plan, show),
    how: ({ plan, show }) =>
      `Core ${show.temperature(plan.doneCore)}. ${readingSentence(plan, 'done', show)}It climbs to ${show.degrees(plan.peakCore)} in the rest.`,
    happened: ({ plan }) =>
      plan.legs.at(-1)?.kind === 'oven' ? 'It is out of the oven' : 'It is out of the pan',
  },
  slice: {
    action: 'Slice',
    how: ({ plan }) => `Burner off. Resting; ${cutOf(plan.request).slicing}.`,
    happened: 'I sliced it',
  },
  judge: { action: 'How was it?', how: '', happened: '' },
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
