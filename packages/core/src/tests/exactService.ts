import type { ServiceJob } from '../pass/slots/serviceSchedule';
import { ServiceGrid } from '../pass/slots/serviceGrid';
import { slotTicket, type SlotPiece, type SlotTicket } from '../pass/slots/slotTicket';
import type { SlotSteps } from '../pass/slots/slotSteps';

/** Solves a mixed-integer programme in the LP format: the value of its objective. */
export type SolveProgramme = (programme: string) => number;

/** One way and place of a piece at one start. */
interface Choice {
  readonly name: string;
  readonly piece: number;
  readonly pan: number;
  readonly oven: number;
  readonly start: number;
  readonly steps: SlotSteps;
}

interface Term {
  readonly by: number;
  readonly name: string;
}

/** Longest line of a programme: readers of the format limit it. */
const PER_LINE = 12;

const sum = (terms: readonly Term[]): string => {
  const words = terms.map(({ by, name }) => `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`);
  const lines: string[] = [];
  for (let i = 0; i < words.length; i += PER_LINE) {
    lines.push(words.slice(i, i + PER_LINE).join(' '));
  }
  return lines.join('\n ');
};

/** Terms by the slot in which they count. */
class BySlot {
  private readonly all = new Map<number, Term[]>();

  add(from: number, to: number, term: Term): void {
    for (let s = from; s < to; s += 1) {
      const there = this.all.get(s);
      if (there) there.push(term);
      else this.all.set(s, [term]);
    }
  }

  rows(limit: string): readonly string[] {
    return [...this.all.values()].map((terms) => `${sum(terms)} ${limit}`);
  }

  entries(): readonly (readonly [number, readonly Term[]])[] {
    return [...this.all];
  }
}

/**
 * Least lateness of a small service, by a time-indexed mixed-integer programme: a variable for every piece, method,
 * place and start, and for every ticket and plating time; one limit for each slot of each pan, oven and person; and if
 * one place is wanted at two temperatures, a variable for its setting. Pieces rest in any number of places, and a full
 * pan takes no longer.
 * @param atMost a lateness that is known to be possible, s: later plating times are left out
 * @returns s
 */
export const exactLateness = (
  job: ServiceJob,
  { slot, plating, atMost }: { slot: number; plating: number; atMost: number },
  solve: SolveProgramme,
): number => {
  const { gear, heat, now } = job;
  const slots = Math.ceil(7200 / slot);
  const grid = new ServiceGrid({ gear, heat, slot, slots, now, plating });
  const tickets = job.tickets.map((ticket) => slotTicket(ticket, grid));
  const latest = Math.ceil(atMost / slot);
  const rows: string[] = [];
  const goal: Term[] = [];
  const binary: string[] = [];
  const hands = new BySlot();
  const choices: Choice[] = [];
  tickets.forEach((ticket, k) => {
    const landings = landingsOf(ticket, k, latest);
    rows.push(`${sum(landings.map(({ name }) => ({ by: 1, name })))} = 1`);
    for (const { name, lands } of landings) {
      binary.push(name);
      if (lands > ticket.due) goal.push({ by: (lands - ticket.due) * slot, name });
      hands.add(lands - ticket.plating, lands, { by: 1, name });
    }
    ticket.pieces.forEach((piece, i) => {
      const last = landings[landings.length - 1].lands - ticket.plating;
      const mine = choicesOf(piece, `x${k}_${i}`, choices.length, ticket.from, last, grid);
      rows.push(`${sum(mine.map(({ name }) => ({ by: 1, name })))} = 1`);
      const plated = landings.map(({ name, lands }) => ({ by: lands - ticket.plating, name }));
      const ready = mine.map(({ name, start, steps }) => ({ by: -(start + steps.ready), name }));
      const kept = mine.map(({ name, start, steps }) => ({
        by: -(start + steps.ready + steps.keeps),
        name,
      }));
      rows.push(`${sum([...plated, ...ready])} >= 0`, `${sum([...plated, ...kept])} <= 0`);
      choices.push(...mine);
    });
  });
  for (const { name, start, steps } of choices) {
    binary.push(name);
    for (const { from, to } of steps.touches) hands.add(start + from, start + to, { by: 1, name });
  }
  rows.push(...hands.rows(`<= ${gear.hands}`));
  gear.pans.forEach((_, index) => addPlace(grid, choices, { place: 'pan', index }, rows, binary));
  gear.ovens.forEach((_, index) => addPlace(grid, choices, { place: 'oven', index }, rows, binary));
  if (goal.length === 0) return 0;
  return solve(
    `Minimize\n ${sum(goal)}\nSubject To\n ${rows.join('\n ')}\nBinary\n ${binary.join('\n ')}\nEnd\n`,
  );
};

const landingsOf = (
  { first, due }: SlotTicket,
  k: number,
  latest: number,
): readonly { readonly name: string; readonly lands: number }[] =>
  Array.from({ length: Math.max(1, due + latest - first + 1) }, (_, n) => ({
    name: `y${k}_${n}`,
    lands: first + n,
  }));

const choicesOf = (
  { steps }: SlotPiece,
  prefix: string,
  piece: number,
  from: number,
  plated: number,
  grid: ServiceGrid,
): readonly Choice[] => {
  const found: Choice[] = [];
  steps.forEach(({ alone }, option) => {
    const pans = alone.stays.some(({ place }) => place === 'pan') ? grid.pans.length : 1;
    const ovens = alone.stays.some(({ place }) => place === 'oven') ? grid.ovens.length : 1;
    for (let pan = 0; pan < pans; pan += 1) {
      for (let oven = 0; oven < ovens; oven += 1) {
        for (let start = from; start + alone.ready <= plated; start += 1) {
          // On an empty grid what is refused is a place that is not warm by then.
          if (grid.findConflict({ pan, oven, start, steps: alone })) continue;
          const name = `${prefix}_${option}_${pan}_${oven}_${start}`;
          found.push({ name, piece, pan, oven, start, steps: alone });
        }
      }
    }
  });
  return found;
};

/** Limits of one pan or oven: what it takes at once, and one temperature at a time. */
const addPlace = (
  grid: ServiceGrid,
  choices: readonly Choice[],
  { place, index }: { readonly place: 'pan' | 'oven'; readonly index: number },
  rows: string[],
  binary: string[],
): void => {
  const gear = place === 'pan' ? grid.pans[index] : grid.ovens[index];
  const all = new BySlot();
  const byHeat = new Map<number, BySlot>();
  for (const { name, pan, oven, start, steps } of choices) {
    if ((place === 'pan' ? pan : oven) !== index) continue;
    for (const stay of steps.stays) {
      if (stay.place !== place) continue;
      const to = start + stay.to + (place === 'pan' ? steps.recovery : 0);
      const term = { by: Math.min(stay.amount, gear.capacity), name };
      all.add(start + stay.from, to, term);
      const mine = byHeat.get(stay.celsius) ?? new BySlot();
      byHeat.set(stay.celsius, mine);
      mine.add(start + stay.from, to, term);
    }
  }
  rows.push(...all.rows(`<= ${gear.capacity}`));
  const heats = [...byHeat.keys()];
  const names = (celsius: number, s: number): string => `z${place}${index}_${celsius}_${s}`;
  const apart = (a: number, b: number): boolean => gear.changeSlots(a, b) > 0;
  for (const [celsius, mine] of byHeat) {
    if (!heats.some((other) => other !== celsius && apart(celsius, other))) continue;
    for (const [s, terms] of mine.entries()) {
      const name = names(celsius, s);
      binary.push(name);
      rows.push(`${sum([...terms, { by: -gear.capacity, name }])} <= 0`);
      for (const [other, theirs] of byHeat) {
        if (!apart(celsius, other)) continue;
        const after = gear.changeSlots(celsius, other);
        for (const [u] of theirs.entries()) {
          if (u >= s && u - s <= after) rows.push(`+ 1 ${name} + 1 ${names(other, u)} <= 1`);
        }
      }
    }
  }
};
