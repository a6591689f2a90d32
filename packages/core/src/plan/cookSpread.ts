import type { Cook, Finely } from '../heat';
import type { CookUnknown } from './cookUnknown';
import type { InputSpread, PlanSpread, PullWindow } from './planResult';
import { spreadAbout } from './spreadAbout';
import { StagedCook, type CookDisturbance } from './stagedCook';
import { windowAbout } from './windowAbout';

type Input = InputSpread['input'];

/** The inputs that a cook has: no oven, no oven's error. */
const inputsOf = ({ stages }: Cook): readonly Input[] => {
  const pan = stages.some(({ kind }) => kind === 'sear' || kind === 'turns');
  const oven = stages.some(({ kind }) => kind === 'oven');
  return [
    'thickness',
    'start',
    ...(pan ? (['contact', 'pan'] as const) : []),
    ...(oven ? (['oven'] as const) : []),
  ];
};

const without = (
  cook: Cook,
  input: Input,
  error: number,
): readonly [Cook, CookDisturbance | undefined] => {
  const { piece } = cook;
  switch (input) {
    case 'thickness':
      return [{ ...cook, piece: { ...piece, thickness: piece.thickness + error } }, undefined];
    case 'start':
      return [{ ...cook, piece: { ...piece, start: piece.start + error } }, undefined];
    case 'contact':
      return [cook, { contact: 1 + error }];
    case 'pan':
      return [cook, { pan: error }];
    case 'oven':
      return [cook, { oven: error }];
  }
};

/** The range of a solved cook's time and end temperature, pulled by the clock. */
export const cookSpread = (
  cook: Cook,
  unknown: CookUnknown,
  value: number,
  finely: Finely = {},
): Generator<null, PlanSpread> => {
  const nominal = new StagedCook(cook, unknown, finely);
  return spreadAbout(
    inputsOf(cook),
    value,
    (input, error) => {
      const [other, disturbance] = without(cook, input, error);
      return new StagedCook(other, unknown, finely, disturbance).endAfter(value).peak;
    },
    (seconds) => nominal.endAfter(seconds).peak,
  );
};

/** How early or late a solved cook's unknown stage may end. */
export const cookWindow = (
  cook: Cook,
  unknown: CookUnknown,
  target: number,
  value: number,
  finely: Finely = {},
): Generator<null, PullWindow> => {
  const staged = new StagedCook(cook, unknown, finely);
  const lowest = staged.endAfter(0).peak;
  return windowAbout((seconds) => staged.endAfter(seconds).peak, target, value, lowest);
};
