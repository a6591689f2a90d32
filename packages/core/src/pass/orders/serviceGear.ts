import type { BurnerKind, PanOnBurner } from '../../gear/pan';
import { DEFAULT_OVEN, OvenBody, type Oven } from '../../gear/ovenBody';
import { PanBody } from '../../gear/panBody';
import { KITCHEN_AIR } from '../../heat/places/kitchenAir';

/** A pan on the burner that it stands on through a service. */
export interface ServicePan {
  readonly id: string;
  readonly name: string;
  readonly burner: string;
  readonly pan: PanOnBurner;
  /** It is out of use: nothing is placed in it. */
  readonly out?: true | undefined;
}

/** An oven with its number of places. */
export interface ServiceOven {
  readonly id: string;
  readonly slots: number;
  readonly oven: Oven;
  /** It is out of use: nothing is placed in it. */
  readonly out?: true | undefined;
}

/** Gear and hands that the pieces of a service share. */
export interface ServiceGear {
  readonly pans: readonly ServicePan[];
  readonly ovens: readonly ServiceOven[];
  /** Pans that are listed and stand on no burner, by id. */
  readonly aside: readonly string[];
  /** Burners that no pan of the service stands on: what sides are made on. */
  readonly spare: number;
  /** Places where pieces rest until their table is complete. */
  readonly holding: number;
  /** Cooks on the line. */
  readonly hands: number;
}

/** Parts of a kitchen's lists that a service uses; a kitchen has this shape. SI units. */
export interface GearListed {
  readonly pans: readonly {
    readonly id: string;
    readonly name: string;
    readonly diameter: number;
    readonly mass: number;
  }[];
  readonly burners: readonly {
    readonly id: string;
    readonly kind: BurnerKind;
    readonly power: number;
    /** Largest diameter of a pan on it, m; undefined: any. */
    readonly widest?: number | undefined;
  }[];
  readonly ovens: readonly {
    readonly id: string;
    readonly offset: number;
    readonly slots?: number | undefined;
  }[];
  readonly holding?: number | undefined;
  readonly hands?: number | undefined;
}

/** Number of pieces on a household oven's rack at once, and at rest at once. Estimates. */
export const USUAL_SLOTS = 6;
export const USUAL_HOLDING = 8;

/** A kitchen that lists one burner has said nothing of the others: a household's stove has four. */
const HOUSEHOLD_BURNERS = 4;

/**
 * The gear of a service: the widest pans take the strongest burners that they stand on. A pan that finds
 * none stands aside.
 */
export const serviceGear = (kitchen: GearListed): ServiceGear => {
  const free = kitchen.burners.toSorted((a, b) => b.power - a.power);
  const pans: ServicePan[] = [];
  const aside: string[] = [];
  for (const { id, name, diameter, mass } of kitchen.pans.toSorted(
    (a, b) => b.diameter - a.diameter,
  )) {
    const found = free.findIndex(({ widest = Infinity }) => diameter <= widest + 1e-9);
    if (found === -1) {
      aside.push(id);
      continue;
    }
    const [burner] = free.splice(found, 1);
    const pan = { diameter, mass, burner: burner.kind, power: burner.power };
    pans.push({ id, name, burner: burner.id, pan });
  }
  return {
    pans,
    ovens: kitchen.ovens.map(({ id, offset, slots = USUAL_SLOTS }) => ({
      id,
      slots,
      oven: { ...DEFAULT_OVEN, offset },
    })),
    aside,
    spare: kitchen.burners.length === 1 ? HOUSEHOLD_BURNERS - 1 : free.length,
    holding: kitchen.holding ?? USUAL_HOLDING,
    hands: kitchen.hands ?? 1,
  };
};

/** Longest an empty pan or oven is watched while it changes its temperature, s. */
const MOST_CHANGE = 3600;
const STEP = 5;
/** Near enough to the wanted temperature, K. */
const NEAR = 5;

/** A pan that has changed evens out, an oven's walls soak, before anything goes in, s. Estimates. */
const EVEN_OUT = { pan: 60, oven: 120 } as const;

/** Seconds until an empty pan takes a piece at another temperature: its burner at full, or off, then evening out. */
export const panReady = (pan: PanOnBurner, from: number, to: number): number =>
  panChange(pan, from, to) + EVEN_OUT.pan;

/** Seconds until an oven takes a piece at another temperature. */
export const ovenReady = (oven: Oven, from: number, to: number): number =>
  ovenChange(oven, from, to) + EVEN_OUT.oven;

/** Seconds an empty pan takes from one temperature to another: its burner at full, or off. */
export const panChange = (pan: PanOnBurner, from: number, to: number): number => {
  const body = new PanBody(pan, KITCHEN_AIR, from);
  body.setting = to > from ? 1 : 0;
  for (let t = 0; t < MOST_CHANGE; t += STEP) {
    if (to > from ? body.temperature >= to - NEAR : body.temperature <= to + NEAR) return t;
    body.follow(STEP, 0);
  }
  return MOST_CHANGE;
};

/** Time for which a cook leaves an oven's door open to cool it, s. */
const DOOR_LEFT_OPEN = 60;

/** Seconds an oven's air takes from one temperature to another, its walls with it. */
export const ovenChange = (oven: Oven, from: number, to: number): number => {
  const body = new OvenBody(oven, to - oven.offset, KITCHEN_AIR, from);
  if (to < from) body.openDoor(DOOR_LEFT_OPEN);
  for (let t = 0; t < MOST_CHANGE; t += STEP) {
    if (to > from ? body.walls >= to - NEAR : body.walls <= to + NEAR) return t;
    body.follow(STEP);
  }
  return MOST_CHANGE;
};
