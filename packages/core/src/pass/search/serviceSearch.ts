import { drawn, seededRandom, shuffled } from '../../maths/random';
import { FROZEN_HORIZON_S, handsFrom } from '../slots/fixedPieces';
import { scheduleResult } from '../slots/scheduleResult';
import { TicketSchedule, type GridSpacing } from '../slots/ticketSchedule';
import type { ServiceJob, ServiceSchedule } from '../slots/serviceSchedule';

/** Temperatures of the annealing as it begins, at least and as a share of the cost, and as it ends, s of cost. */
const WARM = { least: 120, share: 0.004 } as const;
const COLD = 4;
/** Largest number of tickets removed beside the late one. */
const MOST_REMOVED = 4;
/** Share of those moves that place tickets with random choices. */
const DRAWN = 0.5;

interface Tried {
  readonly placements: ReturnType<TicketSchedule['snapshot']>;
  readonly cost: number;
}

export interface SearchOptions extends GridSpacing {
  /** Whether tickets that are on time are improved too, so that their pieces wait less; default: false. */
  readonly waits?: boolean | undefined;
}

/** Two of several have changed places. */
const swapped = (random: () => number, all: readonly number[]): readonly number[] => {
  const [a, b] = [Math.floor(random() * all.length), Math.floor(random() * all.length)];
  return all.with(a, all[b]).with(b, all[a]);
};

/** A move that is under way. */
interface MoveInput {
  readonly scheduling: TicketSchedule;
  /** Ticket that is to be ready sooner. */
  readonly late: number;
  /** Those of some tickets that may be moved. */
  readonly free: (all: readonly number[]) => readonly number[];
  readonly random: () => number;
  /** Cost at and above which the move is not accepted, s. */
  readonly limit: number;
}

/** Removes tickets and reinserts them in an order; returns the cost, s, or Infinity if it reached the limit. */
const placeAgain = (
  { scheduling, limit }: Pick<MoveInput, 'scheduling' | 'limit'>,
  order: readonly number[],
  random?: () => number,
): number => {
  for (const i of order) scheduling.remove(i);
  return scheduling.placeInOrder(order, random, limit);
};

/** Removes a late ticket with others, and reinserts them. */
interface Move {
  /** A random number below this, and not below that of the move before, chooses it. */
  readonly below: number;
  /** @returns the cost of the schedule, s; Infinity if it reached the limit */
  readonly make: (input: MoveInput) => number;
}

const MOVES: readonly Move[] = [
  {
    // Every ticket from some moment on is reinserted, the late one first: the tickets of one oven can follow.
    below: 0.15,
    make: (input) => {
      const { scheduling, late, free, random } = input;
      const order = free(scheduling.byLanding());
      const to = Math.floor(random() * (order.indexOf(late) + 1));
      const all = [late, ...order.slice(to).filter((i) => i !== late)];
      return placeAgain(input, random() < 0.5 ? all : swapped(random, all));
    },
  },
  {
    // The late ticket is placed before some of its predecessors.
    below: 0.45,
    make: (input) => {
      const { scheduling, late, free, random } = input;
      const before = free(scheduling.neighbours(late))
        .filter((i) => scheduling.landsAt(i) <= scheduling.landsAt(late))
        .toSorted((a, b) => scheduling.landsAt(b) - scheduling.landsAt(a));
      const passed = before.slice(0, 1 + Math.floor(random() * before.length));
      return placeAgain(input, [late, ...passed.toReversed()]);
    },
  },
  {
    // The late ticket and a few that are cooked about the same time, in any order.
    below: 1,
    make: (input) => {
      const { scheduling, late, free, random } = input;
      const near = free(scheduling.neighbours(late));
      const removed = new Set([late]);
      const wanted = Math.min(near.length, 1 + Math.floor(random() * MOST_REMOVED));
      while (removed.size < 1 + wanted) removed.add(drawn(random, near));
      const order = shuffled(random, removed);
      return placeAgain(input, order, random() < DRAWN ? random : undefined);
    },
  },
];

/**
 * Improves the schedule of a service move by move, for as long as it is called: large neighbourhood search. A move
 * removes a late ticket with others, and reinserts them in another order. Simulated annealing decides which moves are
 * accepted. It begins with
 * the published places where the new tickets are on time beside them. The search returns the best schedule. The same job and the same
 * moves give the same schedule.
 */
export class ServiceSearch {
  private readonly scheduling: TicketSchedule;
  private readonly random: () => number;
  private best: Tried;
  private now: Tried;
  /** Tickets with a published task. */
  private readonly locked = new Set<number>();
  private stays: boolean;

  constructor(
    job: ServiceJob,
    private readonly options: SearchOptions = {},
  ) {
    const { waits: _waits, ...spacing } = options;
    this.scheduling = new TicketSchedule(job, spacing);
    const order = this.scheduling.byTime();
    this.stays = this.scheduling.placeAsPublished(order);
    if (!this.stays) this.scheduling.placeInOrder(order);
    this.best = { placements: this.scheduling.snapshot(), cost: this.scheduling.cost() };
    this.now = this.best;
    this.random = seededRandom(job.tickets.length);
  }

  /** Whether tickets are still where they were published: the first move places all of them again. */
  get isAsPublished(): boolean {
    return this.stays;
  }

  /** Cost of the best schedule: lateness, waits and moves of published pieces, s. */
  get cost(): number {
    return this.best.cost;
  }

  /** Number of examined placements, a measure of effort. */
  get tried(): number {
    return this.scheduling.grid.tried;
  }

  /**
   * Tries one move.
   * @param progress share of the search that is over, 0 to 1
   * @returns false where nothing can be improved: no ticket is late that may be moved
   */
  improve(progress: number): boolean {
    const { scheduling, random, options } = this;
    const worth = options.waits ? scheduling.byLanding() : scheduling.lateOnes();
    const late = this.free(worth);
    if (late.length === 0) return false;
    const warm = Math.max(WARM.least, WARM.share * this.best.cost);
    const temperature = warm * (COLD / warm) ** progress;
    const limit = this.now.cost - temperature * Math.log(1 - random());
    const cost = this.stays ? this.placeAnew() : this.makeMove(late, limit);
    if (cost < limit) {
      this.now = { placements: scheduling.snapshot(), cost };
      if (cost < this.best.cost - 1e-6) this.best = this.now;
    } else scheduling.restore(this.now.placements);
    return true;
  }

  /** Places all tickets again, by their time; returns the cost, s, or Infinity if it is not better. */
  private placeAnew(): number {
    const { scheduling } = this;
    this.stays = false;
    return placeAgain({ scheduling, limit: this.now.cost }, this.free(scheduling.byTime()));
  }

  /** Makes a random move of one of the late tickets; returns its cost, s, or Infinity if it reached the limit. */
  private makeMove(late: readonly number[], limit: number): number {
    const { scheduling, random } = this;
    // Without another ticket that may be moved, only random choices give another placement.
    const isAlone = late.length === 1 && this.free(scheduling.byLanding()).length === 1;
    if (isAlone) return placeAgain({ scheduling, limit }, late, random);
    const drawnMove = random();
    const move = MOVES.find(({ below }) => drawnMove < below) ?? MOVES[0];
    const free = (all: readonly number[]): readonly number[] => this.free(all);
    return move.make({ scheduling, late: drawn(random, late), free, random, limit });
  }

  private free(all: readonly number[]): readonly number[] {
    return all.filter((i) => !this.locked.has(i));
  }

  /** Best schedule so far. The search continues from there. */
  schedule(): ServiceSchedule {
    const { scheduling } = this;
    scheduling.restore(this.best.placements);
    this.now = this.best;
    return scheduleResult(scheduling);
  }

  /** Best schedule, for publication: tables with a start within two minutes stay fixed from here on. */
  tell(): ServiceSchedule {
    const found = this.schedule();
    const { job, tickets } = this.scheduling;
    const soon = new Set(
      found.pieces.flatMap((piece) =>
        handsFrom(piece) <= job.now + FROZEN_HORIZON_S ? [piece.ticket] : [],
      ),
    );
    tickets.forEach((ticket, i) => {
      if (soon.has(ticket.job.id)) this.locked.add(i);
    });
    return found;
  }
}
