import { seededRandom } from '@crustan/core/maths';

/** An event of an evening beside cooking. */
export type Deed =
  | {
      readonly kind: 'order';
      readonly table: string;
      readonly pieces: readonly Piece[];
      readonly when: When;
    }
  | { readonly kind: 'fire' | 'cancel' | 'again'; readonly table: string }
  | { readonly kind: 'change'; readonly table: string; readonly piece: Piece }
  | { readonly kind: 'offline'; readonly phone: number; readonly minutes: number }
  /** The pan breaks, what was in it is cooked again, and it is back after some minutes. */
  | { readonly kind: 'pan-out'; readonly minutes: number }
  /** The page is reloaded while the menu cannot be loaded. */
  | { readonly kind: 'reload'; readonly phone: number }
  | { readonly kind: 'restart' | 'backup' | 'restore' }
  /** The service is closed on every phone once its tables are sent, and another is opened. */
  | { readonly kind: 'second-service' };

/** A dish and a doneness of the demo's menu. */
export type Piece = 'strip' | 'rare' | 'salmon';
/** Wanted time of a table, as the id of its message. */
export type When = 'as-soon-as-possible' | 'in-30-min' | 'in-45-min' | 'held-until-fired';

export interface TimedDeed {
  /** Minutes of the kitchen's clock after the service was opened. */
  readonly at: number;
  readonly deed: Deed;
}

export interface EveningSize {
  readonly tables: number;
  /** Minutes over which the tables order. */
  readonly minutes: number;
  readonly restore: boolean;
  /** Whether a second service of one table follows. */
  readonly second: boolean;
}

const PIECES = ['strip', 'salmon'] as const;
const WHEN = ['as-soon-as-possible', 'as-soon-as-possible', 'in-30-min', 'in-45-min'] as const;

/**
 * An evening drawn from a seed: tables that order over some minutes, one held and fired, changes, a table that leaves, a
 * piece cooked again, a phone without the network, a page reloaded without the menu, a server killed, a restore, an
 * order after the first table was sent, and a second service.
 */
export const eveningPlan = (
  seed: number,
  { tables, minutes, restore, second }: EveningSize,
): readonly TimedDeed[] => {
  const random = seededRandom(seed);
  const between = (least: number, most: number): number => least + (most - least) * random();
  const drawn = <T>(all: readonly [T, ...T[]]): T =>
    all[Math.floor(random() * all.length)] ?? all[0];
  const pieces = (): readonly Piece[] =>
    Array.from({ length: 1 + Math.floor(random() * 4) }, () => drawn(PIECES));
  const orders = Array.from({ length: tables }, (_, i): TimedDeed => {
    const at = i === 0 ? 0 : between(0, minutes);
    const held = i === 1;
    const deed: Deed = {
      ...{ kind: 'order', table: `${i + 1}`, pieces: pieces() },
      when: held ? 'held-until-fired' : drawn(WHEN),
    };
    return { at, deed };
  });
  const ordered = (i: number): number => orders[i]?.at ?? 0;
  const table = (i: number): string => `${i + 1}`;
  const some = (part: number): number => Math.floor(part * tables);
  const others: readonly TimedDeed[] = [
    { at: ordered(1) + between(8, 20), deed: { kind: 'fire', table: table(1) } },
    {
      at: ordered(some(0.4)) + between(1, 6),
      deed: { kind: 'change', table: table(some(0.4)), piece: drawn(PIECES) },
    },
    { at: ordered(some(0.7)) + between(1, 8), deed: { kind: 'cancel', table: table(some(0.7)) } },
    { at: ordered(0) + between(14, 18), deed: { kind: 'again', table: table(0) } },
    { at: between(0.2, 0.8) * minutes, deed: { kind: 'offline', phone: 1, minutes: 5 } },
    { at: between(0.1, 0.6) * minutes, deed: { kind: 'reload', phone: 0 } },
    { at: between(0.3, 0.9) * minutes, deed: { kind: 'restart' } },
    ...(restore
      ? ([
          { at: 0.3 * minutes, deed: { kind: 'backup' } },
          { at: between(0.6, 0.9) * minutes, deed: { kind: 'restore' } },
        ] as const)
      : []),
    // The first tables have been sent by now.
    {
      at: minutes + 20,
      deed: { kind: 'order', table: 'late', pieces: ['salmon'], when: 'as-soon-as-possible' },
    },
    ...(second
      ? ([
          { at: minutes + 21, deed: { kind: 'second-service' } },
          {
            at: minutes + 22,
            deed: { kind: 'order', table: '1', pieces: ['salmon'], when: 'as-soon-as-possible' },
          },
        ] as const)
      : []),
  ];
  return [...orders, ...others].toSorted((a, b) => a.at - b.at);
};
