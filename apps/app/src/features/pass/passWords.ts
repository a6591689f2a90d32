import { avoidedBy } from '@crustan/core/pass/orderAllergens';
import type { ResourceConflict } from '@crustan/core/pass/timeline';
import type { Task } from '@crustan/core/pass/task';
import type { LateReason, WhyLate } from '@crustan/core/pass/whyLate';
import { formatDuration } from '@crustan/core/units';
import type { Firmness } from '@crustan/core/pass/firmness';
import type { ActionKind } from '@crustan/core/schedule/actions';
import { describeAvoided } from '../../words/allergenWords';
import { capital } from '../../words/cutWords';
import type { Show } from '../../words/show';
import { placedIn } from './placedIn';
import type { PassNow } from './usePass';

/** Words of each action on a piece: for the task, and for its button. */
const ACTION: Readonly<Record<ActionKind, readonly [string, string]>> = {
  in: ['Into', 'It is in'],
  flat: ['Lay flat', 'It lies flat'],
  turn: ['Turn', 'Turned'],
  butter: ['Butter', 'The butter is in'],
  edges: ['Edges', 'At its edges'],
  'burner-down': ['Burner down', 'The burner is down'],
  'into-oven': ['Into the oven', 'In the oven'],
  'oven-set': ['Set the oven', 'The oven is set'],
  out: ['Out of the oven', 'Out of the oven'],
  lift: ['Lift out', 'Lifted out'],
  back: ['Back in', 'Back in'],
  pull: ['Off to rest', 'It rests'],
  slice: ['Slice', 'Sliced'],
};

export const FIRMNESS_WORDS: Readonly<Record<Firmness, string>> = {
  soft: 'soft, gives like raw',
  yielding: 'yielding, comes back slowly',
  springy: 'springy',
  firm: 'firm, hardly gives',
  hard: 'hard, does not give',
};

/** `Strip, medium-rare`, with a number if the table has several alike: `Strip, medium-rare, no. 2`. */
export const describePiece = (
  pass: Pick<PassNow, 'state' | 'dishes' | 'lacks'>,
  id: string,
): string => {
  const unknown = pass.lacks === undefined ? 'A dish gone from the menu' : 'A piece';
  for (const { pieces } of pass.state.tickets) {
    const piece = pieces.find((one) => one.id === id);
    if (!piece) continue;
    const dish = pass.dishes.find((one) => one.id === piece.dish)?.name ?? unknown;
    const same = pieces.filter((one) => one.dish === piece.dish && one.doneness === piece.doneness);
    const number = same.length === 1 ? '' : `, no. ${same.indexOf(piece) + 1}`;
    return `${dish}, ${piece.doneness}${number}`;
  }
  return 'A piece';
};

export const describeTable = ({ state }: Pick<PassNow, 'state'>, ticket: string): string =>
  `Table ${state.tickets.find(({ id }) => id === ticket)?.table ?? '?'}`;

const gearName = ({ gear }: Pick<PassNow, 'gear'>, place: 'pan' | 'oven', index: number): string =>
  place === 'pan'
    ? (gear.pans[index]?.name ?? 'the pan')
    : gear.ovens.length > 1
      ? `oven ${index + 1}`
      : 'the oven';

/** Place of a piece in the gear. */
export const describePlace = (
  pass: Pick<PassNow, 'gear' | 'schedule'>,
  piece: string,
  place: 'pan' | 'oven',
): string => {
  const placed = placedIn(pass.schedule).pieces.get(piece);
  return placed ? gearName(pass, place, placed[place]) : '';
};

/** Allergens of a table, shown behind a task. */
const avoidedOf = ({ state }: Pick<PassNow, 'state'>, id: string): string => {
  const ticket = state.tickets.find((one) => one.id === id);
  const says = ticket && describeAvoided(avoidedBy(ticket), ticket.allergy);
  return says === undefined ? '' : ` · ${says}`;
};

/** Actions that bring a piece into contact with a pan or with fat. */
const ALLERGY_ACTIONS: readonly ActionKind[] = ['in', 'butter', 'back'];

export interface TaskWords {
  readonly does: string;
  /** Subject of the task, and its table. */
  readonly of: string;
  readonly happened: string;
}

/** Task in words: the action, its subject, and the label of the button. */
export const describeTask = (thing: Task, pass: PassNow, show: Show): TaskWords => {
  switch (thing.kind) {
    case 'heat': {
      const name = gearName(pass, thing.place, thing.index);
      const at = show.temperature(thing.celsius);
      return {
        does: thing.place === 'pan' ? `Heat to ${at}` : `Set to ${at}`,
        of: capital(name),
        happened: thing.place === 'pan' ? 'It is on' : 'It is set',
      };
    }
    case 'plate': {
      const ticket = pass.state.tickets.find(({ id }) => id === thing.ticket);
      const count = ticket?.pieces.length ?? 0;
      const allergy = avoidedOf(pass, thing.ticket);
      return {
        does: 'Plate and send',
        of: `${describeTable(pass, thing.ticket)} · ${count === 1 ? '1 piece' : `${count} pieces`}${allergy}`,
        happened: 'Sent',
      };
    }
    case 'wash':
      return {
        does: `Wash ${gearName(pass, 'pan', thing.index)}, fresh fat`,
        of: `Before ${describeTable(pass, thing.ticket)}${avoidedOf(pass, thing.ticket)}`,
        happened: 'Washed',
      };
    case 'side': {
      const of = describeTable(pass, thing.ticket);
      const plates = thing.plates === 1 ? '' : ` · for ${thing.plates}`;
      return { does: `Begin ${thing.name}`, of: `${of}${plates}`, happened: 'Begun' };
    }
    case 'touch': {
      const [does, happened] = ACTION[thing.action];
      const of = `${describePiece(pass, thing.piece)} · ${describeTable(pass, thing.ticket)}`;
      const where =
        thing.action === 'in'
          ? ` ${describePlace(pass, thing.piece, thing.station === 'oven' ? 'oven' : 'pan')}`
          : '';
      const allergy = ALLERGY_ACTIONS.includes(thing.action) ? avoidedOf(pass, thing.ticket) : '';
      return { does: `${does}${where}`, of: `${of}${allergy}`, happened };
    }
  }
};

/** Name of an action on the undo button. */
export const describeDone = ({ happened, of }: TaskWords): string => `“${happened}”, ${of}`;

/** Cooler than this a pan or an oven has not been put on, C. */
const COLD = 60;

/** Conflict in words. */
export const describeTaken = (taken: ResourceConflict, show: Show): string => {
  switch (taken.reason) {
    case 'pan':
      return 'the pans are full';
    case 'oven':
      return 'the oven is full';
    case 'hands':
      return 'every person is busy';
    case 'holding':
      return 'all resting places are taken';
    case 'burner':
      return 'no burner is free';
    case 'pan-heat':
      return taken.set < COLD
        ? 'no pan is hot by then'
        : `the pan is wanted at ${show.temperature(taken.set)} then`;
    case 'oven-heat':
      return taken.set < COLD
        ? 'the oven is not hot by then'
        : `the oven is wanted at ${show.temperature(taken.set)} then`;
  }
};

const LATE_WORDS: Readonly<Record<LateReason, (time: string) => string>> = {
  'asked-late': (time) => `it was ordered ${time} too late for its time`,
  'begun-late': (time) => `its last piece was begun ${time} late`,
  'cooked-longer': (time) => `its last piece took ${time} longer on the heat than planned`,
  'stood-ready': (time) => `it stood ready for ${time}`,
  'cooked-again': () => 'a piece was cooked again',
};

/** Reason for lateness in words. */
export const describeWhyLate = ({ reason, seconds }: WhyLate): string =>
  LATE_WORDS[reason](formatDuration(seconds));
