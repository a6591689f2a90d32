import { CAPACITY_IRON, ironLoss, WALL_HEIGHT } from '../heat/places/iron';
import { BURNER_EFFICIENCY, type PanOnBurner } from './pan';

/** Longest step taken at once, s: the lump's own time constant is some minutes. */
const LONGEST_STEP = 1;

/** Area of a pan that gives off heat, m2. */
export const panSurface = ({ diameter }: PanOnBurner): number =>
  (Math.PI / 2) * diameter * diameter + Math.PI * diameter * WALL_HEIGHT;

/**
 * Power lost by the empty pan at a temperature, W: by the upper side of its floor and its wall, and by its
 * underside as far as the burner is turned down. What the flame's side loses under a burner at full is in the
 * burner's efficiency already.
 * @param setting share of the burner's power, 0 to 1
 */
export const panLoss = (
  pan: PanOnBurner,
  celsius: number,
  kitchen: number,
  setting: number,
): number => {
  const underside = (Math.PI / 4) * pan.diameter * pan.diameter;
  return (panSurface(pan) - setting * underside) * ironLoss(celsius, kitchen);
};

/**
 * A pan on its burner as one lump of iron:
 * m c dT/dt = setting x efficiency x power - losses by convection and radiation - what food draws.
 */
export class PanBody {
  /** C */
  temperature: number;
  /** Share of the burner's power, 0 to 1. */
  setting = 1;

  constructor(
    readonly pan: PanOnBurner,
    readonly kitchen = 22,
    start = kitchen,
  ) {
    this.temperature = start;
  }

  /** @param drawn by the food, W */
  follow(seconds: number, drawn: number): void {
    for (let left = seconds; left > 1e-9; left -= LONGEST_STEP) {
      this.step(Math.min(left, LONGEST_STEP), drawn);
    }
  }

  private step(dt: number, drawn: number): void {
    const middle = this.temperature + (this.slope(this.temperature, drawn) * dt) / 2;
    this.temperature += this.slope(middle, drawn) * dt;
  }

  /** K/s */
  private slope(celsius: number, drawn: number): number {
    const { pan } = this;
    const heat = this.setting * pan.power * BURNER_EFFICIENCY[pan.burner];
    const lost = panLoss(pan, celsius, this.kitchen, this.setting);
    return (heat - lost - drawn) / (pan.mass * CAPACITY_IRON);
  }
}
