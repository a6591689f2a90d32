import type { ForeignKitchen } from './foreignKitchen';

const CAPACITY = 470;
/** Loss of the pan to the room, W/m2K of both sides of its floor. */
const LOSS = 22;

export interface ForeignIron {
  /** kg */
  readonly mass: number;
  /** m */
  readonly diameter: number;
  /** Net power of the burner at full, W. */
  readonly power: number;
}

/** A lumped pan whose burner corrects it towards a temperature. */
export class ForeignPan {
  constructor(
    private readonly iron: ForeignIron,
    private readonly kitchen: ForeignKitchen,
    public celsius: number,
  ) {}

  private get conductance(): number {
    return (Math.PI / 2) * this.iron.diameter ** 2 * LOSS;
  }

  /** @param drawn power that the food takes, W */
  step(wanted: number, drawn: number, dt: number): void {
    const { power, mass } = this.iron;
    const hold = this.conductance * (wanted - this.kitchen.room);
    const correction = this.kitchen.burnerGain * power * (wanted - this.celsius);
    const burner = Math.min(power, Math.max(0, hold + correction));
    const lost = this.conductance * (this.celsius - this.kitchen.room);
    this.celsius += ((burner - lost - drawn) * dt) / (mass * CAPACITY);
  }
}
