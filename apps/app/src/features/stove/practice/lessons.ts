import { USUAL, type PlanRequest } from '@crustan/core/plan/request';
import type { HiddenKitchen } from '@crustan/core/simulation/trueKitchen';
import type { PracticeStart } from '@crustan/core/simulation/practiceKitchen';
import { t } from '../t';

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
    title: t('a-strip-in-the-pan'),
    task: t('heat-the-pan-lay-it-in-turn'),
    pieces: [{ name: t('the-strip'), request: STRIP }],
  },
  {
    id: 'cool-pan',
    title: t('a-pan-that-is-too-cool'),
    task: t('somebody-laid-it-in-too-soon-listen'),
    pieces: [
      {
        name: t('the-strip'),
        request: STRIP,
        start: { pan: 128, burner: 0.25, place: 'pan' },
      },
    ],
  },
  {
    id: 'pork',
    title: t('a-pork-chop'),
    task: t('lean-and-thin-a-minute-too-long'),
    pieces: [
      {
        name: t('the-chop'),
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
    title: t('a-thick-one-seared-and-finished-in'),
    task: t('brown-both-faces-then-move-it-to'),
    pieces: [
      {
        name: t('the-ribeye'),
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
    title: t('low-oven-first-then-the-sear'),
    task: t('into-the-oven-at-once-out-some'),
    pieces: [
      {
        name: t('the-rib'),
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
    title: t('duck-from-a-cold-pan'),
    task: t('skin-down-in-a-cold-pan-gentle'),
    pieces: [
      {
        name: t('the-breast'),
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
    title: t('fish-on-its-skin'),
    task: t('a-hot-pan-skin-down-and-patience'),
    pieces: [
      {
        name: t('the-salmon'),
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
    title: t('a-thermometer-that-lies'),
    task: t('it-reads-wrong-by-some-degrees-always'),
    pieces: [{ name: t('the-strip'), request: { ...STRIP, thickness: 0.032 } }],
    ice: true,
  },
  {
    id: 'two',
    title: t('two-pieces-one-plate'),
    task: t('each-in-a-pan-of-its-own'),
    pieces: [
      { name: t('the-thick-one'), request: { ...STRIP, thickness: 0.036, weight: 0.42 } },
      { name: t('the-thin-one'), request: { ...STRIP, thickness: 0.022, weight: 0.25 } },
    ],
  },
];

/** The score from which the next lesson is offered. */
export const PASSED = 70;
