import { USUAL, type PlanRequest } from '@crustan/core/plan/request';
import type { HiddenKitchen } from '@crustan/core/simulation/trueKitchen';
import type { PracticeStart } from '@crustan/core/simulation/practiceKitchen';

/** A piece of a lesson, how it is found, and what of its kitchen is not left to chance. */
export interface LessonPiece {
  readonly name: string;
  readonly request: PlanRequest;
  readonly start?: PracticeStart;
  readonly hidden?: Partial<HiddenKitchen>;
  /** Oven dial at the start, C; default: the request's oven temperature. */
  readonly dial?: number;
}

/** A piece, or two, to practise on. */
export interface Lesson {
  readonly id: string;
  readonly title: string;
  readonly task: string;
  readonly pieces: readonly [LessonPiece, ...LessonPiece[]];
  /** Whether an oven is available beside the pan. */
  readonly oven?: true;
  readonly ice?: true;
}

const STRIP: PlanRequest = {
  ...USUAL,
  cut: 'strip-steak',
  thickness: 0.028,
  weight: 0.32,
  target: 54,
};

/** The course, in the order that teaches: each adds one thing to the one before. */
export const LESSONS: readonly Lesson[] = [
  {
    id: 'strip',
    title: 'A strip in the pan',
    task: 'Heat the pan, lay it in, turn it, pull it so that it ends where it should.',
    pieces: [{ name: 'The strip', request: STRIP }],
  },
  {
    id: 'cool-pan',
    title: 'A pan that is too cool',
    task: 'Somebody laid it in too soon. Listen: take it out, bring the pan up, begin again.',
    pieces: [
      {
        name: 'The strip',
        request: STRIP,
        start: { pan: 128, burner: 0.25, place: 'pan' },
      },
    ],
  },
  {
    id: 'pork',
    title: 'A pork chop',
    task: 'Lean and thin: a minute too long is dry. Turn it as you like.',
    pieces: [
      {
        name: 'The chop',
        request: {
          ...USUAL,
          cut: 'pork-loin',
          thickness: 0.025,
          weight: 0.25,
          target: 63,
          way: 'often',
        },
      },
    ],
  },
  {
    id: 'thick',
    title: 'A thick one, seared and finished in the oven',
    task: 'Brown both faces, then move it to the oven, and pull it early for the carryover. The dial may be wrong.',
    pieces: [
      {
        name: 'The ribeye',
        request: {
          ...USUAL,
          cut: 'ribeye',
          thickness: 0.042,
          weight: 0.5,
          target: 56,
          way: 'sear-oven',
        },
      },
    ],
    oven: true,
  },
  {
    id: 'low-oven',
    title: 'Low oven first, then the sear',
    task: 'Into the oven at once; out some degrees short of the end, for the sear adds them. Heat the pan in time.',
    pieces: [
      {
        name: 'The rib',
        request: {
          ...USUAL,
          cut: 'ribeye',
          thickness: 0.045,
          weight: 0.55,
          target: 54,
          way: 'oven-sear',
          lowOven: 120,
        },
        start: { place: 'oven' },
      },
    ],
    oven: true,
  },
  {
    id: 'duck',
    title: 'Duck from a cold pan',
    task: 'Skin down in a cold pan, gentle heat: the fat must melt before the skin is brown. Then a short turn.',
    pieces: [
      {
        name: 'The breast',
        request: {
          ...USUAL,
          cut: 'duck-breast',
          thickness: 0.028,
          weight: 0.35,
          target: 56,
          way: 'cold-pan',
        },
      },
    ],
  },
  {
    id: 'fish',
    title: 'Fish on its skin',
    task: 'A hot pan, skin down, and patience: nearly all of it from below, a moment on the flesh.',
    pieces: [
      {
        name: 'The salmon',
        request: {
          ...USUAL,
          cut: 'salmon-skin-on',
          thickness: 0.025,
          weight: 0.17,
          target: 50,
          way: 'skin-down',
        },
      },
    ],
  },
  {
    id: 'lying-thermometer',
    title: 'A thermometer that lies',
    task: 'It reads wrong by some degrees, always the same way. Find out by how much before you trust it.',
    pieces: [{ name: 'The strip', request: { ...STRIP, thickness: 0.032 } }],
    ice: true,
  },
  {
    id: 'two',
    title: 'Two pieces, one plate',
    task: 'Each in a pan of its own, one thicker than the other. They should come out together.',
    pieces: [
      { name: 'The thick one', request: { ...STRIP, thickness: 0.036, weight: 0.42 } },
      { name: 'The thin one', request: { ...STRIP, thickness: 0.022, weight: 0.25 } },
    ],
  },
];

/** The score from which the next lesson is offered. */
export const PASSED = 70;
