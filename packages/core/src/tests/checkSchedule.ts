import { MOST_COVERED } from '../gear/crowding';
import type { PieceSteps } from '../pass/pieceSteps';
import type { PlacedPiece, ServiceJob, ServiceSchedule } from '../pass/serviceSchedule';

/** Pans this near are one, ovens this near are one, K: written here anew, as a schedule is checked from outside. */
const SAME = { pan: 20, oven: 5 } as const;
const AREA_SLACK = 0.0002;
/** A table that cannot land otherwise may let a piece rest so much longer, s. */
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

/**
 * What is wrong with a schedule of pieces that have not begun: more in a pan, an oven or the hands than goes,
 * two temperatures in one place at once, pieces of one table apart, or a wait longer than a piece keeps.
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
  if (mostAtOnce(hands) > job.gear.hands) faults.push('more touches than hands');
  return faults;
};
