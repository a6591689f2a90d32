import { MOST_COVERED } from '../gear/crowding';
import type { PieceSteps } from '../pass/dishes/pieceSteps';
import type { PlacedPiece, ServiceJob, ServiceSchedule } from '../pass/slots/serviceSchedule';

/** Pans this near are one, ovens this near are one, K: written here again, as a schedule is checked from outside. */
const SAME = { pan: 20, oven: 5 } as const;
const AREA_SLACK = 0.0002;
/** Longest excess of a piece's rest for a table that cannot be placed otherwise, s. */
const MOST_PATIENCE = 600;

interface Taken {
  readonly piece: string;
  readonly from: number;
  readonly to: number;
  readonly amount: number;
  readonly celsius: number;
}

const stepsOf = (job: ServiceJob, placed: PlacedPiece): PieceSteps => {
  for (const ticket of job.tickets) {
    for (const { id, options } of ticket.pieces) {
      if (id !== placed.id) continue;
      const option = options[placed.option];
      return placed.full ? option.full : option.alone;
    }
  }
  throw new Error(`${placed.id} was not on order`);
};

const mostAtOnce = (all: readonly Taken[]): number =>
  Math.max(
    0,
    ...all.map(({ from }) =>
      all
        .filter((other) => other.from <= from && from < other.to)
        .reduce((sum, { amount }) => sum + amount, 0),
    ),
  );

interface PanUse {
  readonly piece: string;
  readonly pan: number;
  readonly from: number;
  readonly to: number;
  readonly carries: number;
  readonly avoids: number;
  readonly washAt: number | undefined;
}

/** Hands on a pan that is washed, s. */
const WASHING = 120;

/** Faults of the pans of allergic tables: shared with an allergen, or not washed after it. */
const allergenFaults = (job: ServiceJob, schedule: ServiceSchedule): readonly string[] => {
  const pieces = job.tickets.flatMap((ticket) => ticket.pieces);
  const uses = schedule.pieces.flatMap((placed): readonly PanUse[] => {
    const stays = stepsOf(job, placed).stays.filter(({ place }) => place === 'pan');
    const { carries = 0, avoids = 0 } = pieces.find(({ id }) => id === placed.id)?.allergens ?? {};
    if (stays.length === 0) return [];
    const from = placed.start + Math.min(...stays.map(({ at }) => at));
    const to = placed.start + Math.max(...stays.map(({ at, seconds }) => at + seconds));
    const { id: piece, pan, washAt } = placed;
    return [{ piece, pan, from, to, carries, avoids, washAt }];
  });
  const faults: string[] = [];
  for (const use of uses) {
    const mates = uses.filter((other) => other !== use && other.pan === use.pan);
    const washes = [use, ...mates].flatMap(({ washAt }) => washAt ?? []);
    const isWashedAfter = (moment: number): boolean =>
      washes.some((at) => at >= moment - 1e-6 && at + WASHING <= use.from + 1e-6);
    if (((job.held?.at(use.pan) ?? 0) & use.avoids) !== 0 && !isWashedAfter(job.now)) {
      faults.push(`${use.piece} goes into a pan that held its allergen`);
    }
    for (const other of mates) {
      if (use.washAt !== undefined && other.from < use.from && other.to > use.washAt + 1e-6) {
        faults.push(`pan ${use.pan} is washed for ${use.piece} with ${other.piece} in it`);
      }
      if ((other.carries & use.avoids) === 0 || other.from >= use.to - 1e-6) continue;
      if (other.to > use.from + 1e-6 || !isWashedAfter(other.to)) {
        faults.push(`${use.piece} meets what ${other.piece} left`);
      }
    }
  }
  return faults;
};

/**
 * Faults of a schedule of pieces that have not begun: more in a pan, an oven or with a person than fits, two
 * temperatures in one place at once, pieces of one table apart, a wait longer than a piece stays warm, or an allergen
 * in the pan of a table that avoids it.
 */
export const faultsOf = (job: ServiceJob, schedule: ServiceSchedule): readonly string[] => {
  const faults: string[] = [];
  const stays = new Map<string, Taken[]>();
  const hands: Taken[] = [];
  const add = (where: string, taken: Taken): void => {
    stays.set(where, [...(stays.get(where) ?? []), taken]);
  };
  for (const placed of schedule.pieces) {
    const { id, start } = placed;
    const steps = stepsOf(job, placed);
    for (const { place, at, seconds, area, celsius } of steps.stays) {
      const [from, to] = [start + at, start + at + seconds];
      const amount = place === 'pan' ? area : 1;
      add(`${place} ${placed[place]}`, { piece: id, from, to, amount, celsius });
    }
    for (const { at, seconds } of steps.touches) {
      hands.push({ piece: id, from: start + at, to: start + at + seconds, amount: 1, celsius: 0 });
    }
    if (placed.washAt !== undefined) {
      const { washAt } = placed;
      hands.push({ piece: id, from: washAt, to: washAt + WASHING, amount: 1, celsius: 0 });
    }
    if (placed.overRested > MOST_PATIENCE) faults.push(`${id} rests longer than it keeps`);
    const ticket = job.tickets.find((one) => one.id === placed.ticket);
    if (start < (ticket?.from ?? Infinity) - 1e-6) faults.push(`${id} begins before its order`);
    const landing = schedule.tickets.find((one) => one.id === placed.ticket);
    if (!landing || placed.readyAt > landing.landsAt) faults.push(`${id} lands before it is ready`);
  }
  for (const [where, all] of stays) {
    const [place, index] = where.split(' ');
    const nth = Number(index);
    if (place !== 'pan' && place !== 'oven') continue;
    const floor = Math.PI / 4;
    const capacity =
      place === 'pan'
        ? Math.max(
            MOST_COVERED * floor * (job.gear.pans[nth]?.pan.diameter ?? 0) ** 2,
            ...all.map(({ amount }) => amount),
          ) + AREA_SLACK
        : (job.gear.ovens[nth]?.slots ?? 0);
    if (mostAtOnce(all) > capacity) faults.push(`${where} holds too much`);
    for (const a of all) {
      for (const b of all) {
        const meet = a.from < b.to - 1e-6 && b.from < a.to - 1e-6;
        if (meet && Math.abs(a.celsius - b.celsius) > SAME[place]) {
          faults.push(`${where} at ${a.celsius} and ${b.celsius} at once`);
        }
      }
    }
  }
  faults.push(...allergenFaults(job, schedule));
  if (mostAtOnce(hands) > job.gear.hands) faults.push('more touches than hands');
  return faults;
};
