import type { KeptPlan } from '@crustan/core/formats';
import type { DueStep } from '@crustan/core/cook/cookState';
import type { EventKind, PressKind } from '@crustan/core/cook/event';
import { PRESS_OF } from '@crustan/core/cook/progress';
import { pullsFromOven } from '@crustan/core/plan/pullsFromOven';
import { cutOf } from '@crustan/core/plan/request';
import type { Show } from '../../words/show';

const legOf = (step: DueStep, plan: KeptPlan): KeptPlan['legs'][number] | undefined =>
  step.leg === undefined ? undefined : plan.legs[step.leg];

/** What to do, huge, in as few words as carry it. */
export const sayAction = (step: DueStep, plan: KeptPlan, show: Show): string => {
  const leg = legOf(step, plan);
  switch (step.kind) {
    case 'heat':
      return 'Put the pan on';
    case 'in':
      if (leg?.kind === 'oven') return `Into the oven at ${show.degrees(leg.air ?? 0)}`;
      if (leg?.kind === 'edge') return 'On its fat edge';
      return plan.request.way === 'cold-pan'
        ? 'Skin down, cold pan'
        : `Into the pan at ${show.degrees(plan.request.pan)}`;
    case 'flat':
      return 'Lay it flat';
    case 'turn':
      return step.often ? `Turn ${step.turn ?? ''}`.trim() : 'Turn it';
    case 'butter':
      return 'Butter in, baste';
    case 'edges':
      return 'Round its edges';
    case 'into-oven':
      return `Into the oven at ${show.degrees(leg?.air ?? 0)}`;
    case 'out':
      return pullsFromOven(plan)
        ? `Out at ${show.degrees(plan.pullCore)}, into the pan`
        : 'Out, into the pan';
    case 'lift':
      return 'Out, onto the board';
    case 'back':
      return `Back into the pan at ${show.degrees(leg?.pan ?? plan.request.pan)}`;
    case 'pull':
      return pullsFromOven(plan) ? 'Out of the pan' : `Out at ${show.degrees(plan.doneCore)}`;
    case 'slice':
      return 'Slice';
    case 'judge':
      return 'How was it?';
  }
};

/** One line under it: how, or what to watch. */
export const sayHow = (step: DueStep, plan: KeptPlan, show: Show): string => {
  const cut = cutOf(plan.request);
  const leg = legOf(step, plan);
  switch (step.kind) {
    case 'heat':
      return `Dry and on full, extractor first: it takes until the piece goes in to reach ${show.degrees(plan.request.pan)}. Set out tongs, thermometer, board and rack meanwhile.`;
    case 'in':
      if (leg?.kind === 'oven') return 'On a rack over a tray, the probe in the middle of it.';
      if (leg?.kind === 'edge') return 'Held with the tongs until the fat has coloured.';
      return plan.request.way === 'cold-pan'
        ? 'Scored, no oil, burner half-way. Pour the fat off as it melts.'
        : 'Oil shimmering, not smoking. Lay it away from you and press it flat.';
    case 'flat':
      return 'Away from you, and press it flat.';
    case 'turn':
      if (leg?.kind === 'oven') return 'Be quick: the open door costs heat.';
      return step.often
        ? `Every ${plan.request.every} s, to fresh hot iron.`
        : 'Tongs, not a fork. Straight down on fresh hot iron.';
    case 'butter':
      return 'Burner down first. Foaming, never brown; long spoon, pan tilted away from you.';
    case 'edges':
      return 'Rolled round with the tongs, each edge until it has coloured.';
    case 'into-oven':
      return plan.request.ovenOn === 'pan' && leg?.pan !== undefined
        ? 'In its pan. From now on the sleeve stays on the handle.'
        : 'On a rack over a tray, the probe in the middle of it.';
    case 'out':
      return `Probe out with a towel, not by hand. The pan should be at ${show.degrees(plan.request.pan)} by now.`;
    case 'lift':
      return 'Let it wait there, uncovered; put the pan right meanwhile.';
    case 'back':
      return 'A drop of water should skate on the iron before it goes back.';
    case 'pull':
      return `Check the middle with a clean probe: ${show.temperature(plan.doneCore)}. It climbs to ${show.degrees(plan.peakCore)} in the rest.`;
    case 'slice':
      return `Burner off. Resting; ${cut.slicing}.`;
    case 'judge':
      return '';
  }
};

/** What the big button says happened. */
export const sayHappened = (step: DueStep, plan: KeptPlan): string => {
  switch (step.kind) {
    case 'heat':
    case 'in':
      return plan.legs[0]?.kind === 'oven' ? 'It is in the oven' : 'It is in the pan';
    case 'flat':
      return 'It lies flat';
    case 'turn':
      return 'I turned it';
    case 'butter':
      return 'The butter is in';
    case 'edges':
      return 'I am at its edges';
    case 'into-oven':
      return 'It is in the oven';
    case 'out':
      return 'It is out, in the pan';
    case 'lift':
      return 'It is on the board';
    case 'back':
      return 'It is back in the pan';
    case 'pull':
      return plan.legs.at(-1)?.kind === 'oven' ? 'It is out of the oven' : 'It is out of the pan';
    case 'slice':
      return 'I sliced it';
    case 'judge':
      return '';
  }
};

/** The press a step's button records; judging records none. */
export const pressOf = (step: DueStep): PressKind | undefined => {
  if (step.kind === 'judge') return undefined;
  return step.kind === 'heat' ? 'in' : PRESS_OF[step.kind];
};

/** A press, as it is taken back. */
export const EVENT_WORDS: Readonly<Record<EventKind, string>> = {
  started: 'the start',
  'oven-on': '“the oven is on”',
  'pan-on': '“the pan is on”',
  in: '“in”',
  turned: 'the turn',
  flat: '“flat”',
  butter: '“butter in”',
  edges: '“at its edges”',
  'into-oven': '“in the oven”',
  out: '“out of the oven”',
  reading: 'the reading',
  lifted: '“on the board”',
  back: '“back in the pan”',
  pulled: '“out”',
  covered: '“covered”',
  sliced: '“sliced”',
  undo: 'an undo',
  corrected: 'the corrected time',
  skipped: 'what was left out',
  note: 'the note',
  changed: 'the change of plan',
};
