import { even } from '../maths/random';
import type { PieceOption, TicketJob } from '../pass/dishes/dish';
import type { PieceStay, PieceSteps } from '../pass/dishes/pieceSteps';
import { serviceGear, type GearListed } from '../pass/orders/serviceGear';
import type { ServiceJob } from '../pass/slots/serviceSchedule';

/** A line of two pans, three burners, one oven and two cooks. */
export const LINE: GearListed = {
  pans: [
    { id: 'wide', name: 'Wide', diameter: 0.3, mass: 3.4 },
    { id: 'small', name: 'Small', diameter: 0.26, mass: 2.4 },
  ],
  burners: [
    { id: 'a', kind: 'gas', power: 5000 },
    { id: 'b', kind: 'gas', power: 3500 },
    { id: 'c', kind: 'gas', power: 2000, widest: 0.24 },
  ],
  ovens: [{ id: 'oven', offset: 0, slots: 4 }],
  holding: 8,
  hands: 2,
};

const whole = (random: () => number, low: number, high: number): number =>
  Math.floor(even(random, low, high + 1));

/** A piece's steps drawn at random: in the pan, and every other one then in the oven. */
export const drawnSteps = (random: () => number, air: number): PieceSteps => {
  const sear = whole(random, 8, 18) * 20;
  const oven = random() < 0.5 ? whole(random, 12, 30) * 20 : 0;
  const area = even(random, 0.008, 0.018);
  const stays: PieceStay[] = [
    { place: 'pan', at: 0, seconds: sear, celsius: 230, area },
    ...(oven > 0
      ? [
          {
            place: 'oven' as const,
            at: sear,
            seconds: oven,
            celsius: air,
            area: 0,
          },
        ]
      : []),
  ];
  return {
    way: oven > 0 ? 'sear-oven' : 'once',
    stays,
    touches: [
      { kind: 'in', at: 0, seconds: 15 },
      { kind: 'turn', at: sear / 2, seconds: 5 },
      ...(oven > 0 ? [{ kind: 'into-oven' as const, at: sear, seconds: 15 }] : []),
      { kind: 'pull', at: sear + oven, seconds: 10 },
    ],
    heatSeconds: sear + oven,
    restSeconds: whole(random, 4, 15) * 20,
    keepsSeconds: whole(random, 6, 20) * 20,
    uncertainSeconds: 0,
    recoverySeconds: 10,
  };
};

const optionOf = (steps: PieceSteps): PieceOption => ({
  alone: steps,
  full: steps,
  fullArea: 4 * steps.stays[0].area,
});

/**
 * Allergens drawn for a service: some tables avoid one, a good half of the pieces carry one, and some pans held one.
 * @param share of the tables that avoid an allergen
 */
export const withAllergens = (random: () => number, job: ServiceJob, share = 0.3): ServiceJob => {
  const drawn = (): number => 1 << whole(random, 0, 2);
  return {
    ...job,
    held: job.gear.pans.map(() => (random() < 0.3 ? drawn() : 0)),
    tickets: job.tickets.map((ticket) => {
      const avoids = random() < share ? drawn() : 0;
      return {
        ...ticket,
        pieces: ticket.pieces.map((piece) => {
          const carries = random() < 0.6 ? drawn() & ~avoids : 0;
          return { ...piece, allergens: { ticket: ticket.id, carries, avoids } };
        }),
      };
    }),
  };
};

/**
 * A service drawn at random: tickets of one to three pieces, close enough together that they stand in each
 * other's way.
 * @param pieces in all, at most
 */
export const drawnService = (
  random: () => number,
  pieces: number,
  gear: GearListed = LINE,
): ServiceJob => {
  const tickets: TicketJob[] = [];
  let left = pieces;
  while (left > 0) {
    const size = Math.min(left, whole(random, 1, 3));
    const from = whole(random, 0, 15) * 20;
    const promised = random() < 0.5 ? 1200 + whole(random, 0, 20) * 20 : undefined;
    const id = `t${tickets.length}`;
    // A table's own pieces go into one oven; the next table's may want another.
    const air = random() < 0.7 ? 180 : 120;
    tickets.push({
      id,
      from,
      promised,
      pieces: Array.from({ length: size }, (_, i) => ({
        id: `${id}-${i}`,
        options: [optionOf(drawnSteps(random, air))],
      })),
    });
    left -= size;
  }
  const shared = serviceGear(gear);
  return {
    gear: shared,
    now: 0,
    heat: { pans: shared.pans.map(() => 230), ovens: shared.ovens.map(() => 180) },
    tickets,
  };
};
