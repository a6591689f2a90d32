import { translateName } from '@crustan/messages';
import { avoidedBy } from '@crustan/core/pass/orderAllergens';
import type { ResourceConflict } from '@crustan/core/pass/timeline';
import type { Task } from '@crustan/core/pass/task';
import type { LateReason, WhyLate } from '@crustan/core/pass/whyLate';
import { formatDuration } from '@crustan/core/units';
import type { ActionKind } from '@crustan/core/schedule/actions';
import { describeAvoided } from '../../words/allergenWords';
import { capital } from '../../words/cutWords';
import type { Show } from '../../words/show';
import { placedIn } from './placedIn';
import type { PassNow } from './usePass';
import { t } from './t';

/** Words of each action on a piece: for the task, and for its button. */
const ACTION: Readonly<Record<ActionKind, readonly [string, string]>> = {
  in: [t('into'), t('it-is-in')],
  flat: [t('lay-flat'), t('it-lies-flat')],
  turn: [t('turn'), t('turned')],
  butter: [t('butter'), t('the-butter-is-in')],
  edges: [t('edges'), t('at-its-edges')],
  'burner-down': [t('burner-down'), t('the-burner-is-down')],
  'into-oven': [t('into-the-oven'), t('in-the-oven-2')],
  'oven-set': [t('set-the-oven'), t('the-oven-is-set')],
  out: [t('out-of-the-oven'), t('out-of-the-oven')],
  lift: [t('lift-out'), t('lifted-out')],
  back: [t('back-in'), t('back-in')],
  pull: [t('off-to-rest'), t('it-rests')],
  slice: [t('slice'), t('sliced')],
};

/** `Strip, medium-rare`, with a number if the table has several alike: `Strip, medium-rare, no. 2`. */
export const describePiece = (
  pass: Pick<PassNow, 'state' | 'dishes' | 'lacks'>,
  id: string,
): string => {
  const unknown = pass.lacks === undefined ? t('a-dish-gone-from-the-menu') : t('a-piece');
  for (const { pieces } of pass.state.tickets) {
    const piece = pieces.find((one) => one.id === id);
    if (!piece) continue;
    const dish = pass.dishes.find((one) => one.id === piece.dish)?.name ?? unknown;
    const same = pieces.filter((one) => one.dish === piece.dish && one.doneness === piece.doneness);
    const number = same.length === 1 ? '' : t('no-2', { value: same.indexOf(piece) + 1 });
    return `${dish}, ${translateName(piece.doneness)}${number}`;
  }
  return t('a-piece');
};

export const describeTable = ({ state }: Pick<PassNow, 'state'>, ticket: string): string =>
  t('table', { table: state.tickets.find(({ id }) => id === ticket)?.table ?? '?' });

const gearName = ({ gear }: Pick<PassNow, 'gear'>, place: 'pan' | 'oven', index: number): string =>
  place === 'pan'
    ? translateName(gear.pans[index]?.name ?? t('the-pan-2'))
    : gear.ovens.length > 1
      ? t('oven-3', { value: index + 1 })
      : t('the-oven');

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
        does: thing.place === 'pan' ? t('heat-to', { at }) : t('set-to', { at }),
        of: capital(name),
        happened: thing.place === 'pan' ? t('it-is-on') : t('it-is-set'),
      };
    }
    case 'plate': {
      const ticket = pass.state.tickets.find(({ id }) => id === thing.ticket);
      const count = ticket?.pieces.length ?? 0;
      const allergy = avoidedOf(pass, thing.ticket);
      return {
        does: t('plate-and-send'),
        of: `${describeTable(pass, thing.ticket)} · ${count === 1 ? t('1-piece') : t('pieces-2', { count })}${allergy}`,
        happened: t('sent-3'),
      };
    }
    case 'wash':
      return {
        does: t('wash-fresh-fat', { gearName: gearName(pass, 'pan', thing.index) }),
        of: t('before', {
          table: describeTable(pass, thing.ticket),
          avoidedOf: avoidedOf(pass, thing.ticket),
        }),
        happened: t('washed'),
      };
    case 'side': {
      const of = describeTable(pass, thing.ticket);
      const plates = thing.plates === 1 ? '' : t('for-2', { plates: thing.plates });
      return { does: t('begin', { name: thing.name }), of: `${of}${plates}`, happened: t('begun') };
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
      return t('the-pans-are-full');
    case 'oven':
      return t('the-oven-is-full');
    case 'hands':
      return t('every-person-is-busy');
    case 'holding':
      return t('all-resting-places-are-taken');
    case 'burner':
      return t('no-burner-is-free');
    case 'pan-heat':
      return taken.set < COLD
        ? t('no-pan-is-hot-by-then')
        : t('the-pan-is-wanted-at-then', { temperature: show.temperature(taken.set) });
    case 'oven-heat':
      return taken.set < COLD
        ? t('the-oven-is-not-hot-by-then')
        : t('the-oven-is-wanted-at-then', { temperature: show.temperature(taken.set) });
  }
};

const LATE_WORDS: Readonly<Record<LateReason, (time: string) => string>> = {
  'asked-late': (time) => t('it-was-ordered-too-late-for-its', { time }),
  'begun-late': (time) => t('its-last-piece-was-begun-late', { time }),
  'cooked-longer': (time) => t('its-last-piece-took-longer-on-the', { time }),
  'stood-ready': (time) => t('it-stood-ready-for', { time }),
  'cooked-again': () => t('a-piece-was-cooked-again'),
};

/** Reason for lateness in words. */
export const describeWhyLate = ({ reason, seconds }: WhyLate): string =>
  LATE_WORDS[reason](formatDuration(seconds));
