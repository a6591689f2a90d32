import type { PracticeResultRecord } from '@crustan/core/formats/practiceSchema';
import type { ReadinessSign } from '@crustan/core/gear/readiness';
import { callBias, type CallBias, type DrillKind } from '@crustan/core/simulation/callBias';
import type { Show } from '../../../words/show';
import { latestCalls } from './courseProgress';

interface DrillWords {
  readonly title: string;
  readonly task: string;
  readonly asks: string;
}

export const DRILL_WORDS: Readonly<Record<DrillKind, DrillWords>> = {
  touch: {
    title: 'Doneness by the finger',
    task: 'How it gives under a finger; say how done it is.',
    asks: 'You press it. How done is it?',
  },
  slice: {
    title: 'Doneness by the colour',
    task: 'A slice of the model’s; say what its middle reached.',
    asks: 'It is sliced. What did the middle reach?',
  },
  pan: {
    title: 'A pan by drop, wisp and sound',
    task: 'What a drop of water, the oil and the first sizzle say of the iron.',
    asks: 'How hot is the pan?',
  },
};

/** Visible signs of a pan's temperature. */
export const SIGN_WORDS: Readonly<Record<ReadinessSign['sign'], string>> = {
  'drop-sizzles': 'A drop of water boils away flat',
  'drop-dances': 'A drop of water skates about',
  shimmer: 'The oil runs thin and shimmers',
  wisp: 'A wisp of smoke rises',
  infrared: 'A gun reads it',
  sound: 'It sizzles',
};

/** Bias below which none is reported, K. */
const NO_BIAS: Readonly<Record<DrillKind, number>> = { touch: 1, slice: 1, pan: 8 };

/** Mean error of a learner's answers, and its direction. */
export const describeBias = (kind: DrillKind, found: CallBias, show: Show): string => {
  const { calls, right, bias } = found;
  const share = `${Math.round(right * calls)} of ${calls} right`;
  if (Math.abs(bias) < NO_BIAS[kind]) return `${share}; you lean neither way.`;
  const what = kind === 'pan' ? 'the pan' : 'it';
  const leans = bias > 0 ? 'hotter' : 'cooler';
  const mend =
    kind === 'pan'
      ? bias > 0
        ? 'wait longer than you would'
        : 'go in sooner than you would'
      : bias > 0
        ? 'leave it on a little longer than your sense says'
        : 'take it off a little before your sense says';
  return `${share}. You take ${what} for ${show.difference(Math.abs(bias))} ${leans} than it is: ${mend}.`;
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
