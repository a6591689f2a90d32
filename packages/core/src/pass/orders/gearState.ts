import { OvenBody } from '../../gear/ovenBody';
import { PanBody } from '../../gear/panBody';
import { KITCHEN_AIR } from '../../heat/places/kitchenAir';
import type { GearHeat } from '../dishes/dish';
import type { ServiceGear } from './serviceGear';

/** Distance from its setting within which a pan is held, K. */
const HELD = 5;

/**
 * Set temperatures of the pans and ovens of a service: empty iron on its burner, and the walls of an oven under its
 * thermostat. Plans contain the heat that food draws.
 */
export class GearState {
  private readonly pans: readonly PanBody[];
  private readonly panSet: number[];
  private readonly ovens: readonly OvenBody[];

  /** @param start C; undefined: all cold */
  constructor(
    private readonly gear: ServiceGear,
    start?: GearHeat,
  ) {
    this.panSet = gear.pans.map((_, i) => start?.pans[i] ?? KITCHEN_AIR);
    this.pans = gear.pans.map(({ pan }, i) => new PanBody(pan, KITCHEN_AIR, this.panSet[i]));
    this.ovens = gear.ovens.map(({ oven }, i) => {
      const celsius = start?.ovens[i] ?? KITCHEN_AIR;
      return new OvenBody(oven, celsius - oven.offset, KITCHEN_AIR, celsius);
    });
  }

  setPan(index: number, celsius: number): void {
    this.panSet[index] = celsius;
  }

  /** @param celsius wanted of the air */
  setOven(index: number, celsius: number): void {
    this.ovens[index].dial = celsius - this.gear.ovens[index].oven.offset;
  }

  /** Sets a pan or an oven to a measured temperature, C. Its setting stays unchanged. */
  measure(place: 'pan' | 'oven', index: number, celsius: number): void {
    if (place === 'pan') this.pans[index].temperature = celsius;
    else this.ovens[index].measured(celsius);
  }

  follow(seconds: number): void {
    this.pans.forEach((body, i) => {
      const short = this.panSet[i] - body.temperature;
      if (Math.abs(short) <= HELD) {
        body.temperature = this.panSet[i];
        return;
      }
      body.setting = short > 0 ? 1 : 0;
      body.follow(seconds, 0);
    });
    for (const body of this.ovens) body.follow(seconds);
  }

  /** Temperature of each; an oven within its thermostat's swing counts as at its setting. */
  get heat(): GearHeat {
    return {
      pans: this.pans.map(({ temperature }) => temperature),
      ovens: this.ovens.map(({ walls, settles, oven }) =>
        Math.abs(walls - settles) <= oven.swing + HELD ? settles : walls,
      ),
    };
  }
}
