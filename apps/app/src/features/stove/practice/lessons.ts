import { USUAL, type PlanRequest } from '@crustan/core/plan/request';

/** A piece to practise on. */
export interface Lesson {
  readonly id: string;
  readonly title: string;
  readonly task: string;
  readonly request: PlanRequest;
}

export const LESSONS: readonly Lesson[] = [
  {
    id: 'strip',
    title: 'A strip in the pan',
    task: 'Heat the pan, lay it in, turn it, pull it so that it ends where it should.',
    request: { ...USUAL, cut: 'strip-steak', thickness: 0.028, weight: 0.32, target: 54 },
  },
  {
    id: 'thick',
    title: 'A thick one, seared and finished in the oven',
    task: 'Brown both faces, then move it to the oven at 180 °C, and pull it early: it coasts.',
    request: {
      ...USUAL,
      cut: 'ribeye',
      thickness: 0.042,
      weight: 0.5,
      target: 56,
      way: 'sear-oven',
    },
  },
  {
    id: 'pork',
    title: 'A pork chop',
    task: 'Lean and thin: a minute too long is dry. Turn it as you like.',
    request: { ...USUAL, cut: 'pork-loin', thickness: 0.025, weight: 0.25, target: 63 },
  },
];
