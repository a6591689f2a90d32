import type { ActionKind } from '../schedule/actions';

/** Presses: events that say no more than what happened and when. */
export const PRESS_KINDS = [
  'started',
  'oven-on',
  'pan-on',
  'in',
  'turned',
  'flat',
  'butter',
  'edges',
  'burner-down',
  'into-oven',
  'oven-set',
  'out',
  'lifted',
  'back',
  'pulled',
  'covered',
  'sliced',
] as const;
export type PressKind = (typeof PRESS_KINDS)[number];

/** Place of the piece. */
export type PiecePlace = 'before' | 'pan' | 'oven' | 'board' | 'rest' | 'sliced';

export interface PressTraits {
  /** The planned action that the press reports as done. */
  readonly action?: ActionKind;
  /** Place of the piece from then on; undefined: unchanged, or that of the first leg. */
  readonly place?: PiecePlace;
}

export const PRESSES: Readonly<Record<PressKind, PressTraits>> = {
  started: {},
  'oven-on': {},
  'pan-on': {},
  in: { action: 'in' },
  turned: { action: 'turn' },
  flat: { action: 'flat' },
  butter: { action: 'butter' },
  edges: { action: 'edges' },
  'burner-down': { action: 'burner-down' },
  'into-oven': { action: 'into-oven', place: 'oven' },
  'oven-set': { action: 'oven-set', place: 'oven' },
  out: { action: 'out', place: 'pan' },
  lifted: { action: 'lift', place: 'board' },
  back: { action: 'back', place: 'pan' },
  pulled: { action: 'pull', place: 'rest' },
  covered: {},
  sliced: { action: 'slice', place: 'sliced' },
};

/** The press that reports an action as done. */
export const pressFor = (action: ActionKind): PressKind => {
  const press = PRESS_KINDS.find((kind) => PRESSES[kind].action === action);
  if (press === undefined) throw new Error(`no press reports ${action}`);
  return press;
};
