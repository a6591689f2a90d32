/** A wooden board under a resting piece: 25 mm in ten layers, J and W per m2. */
const LAYERS = 10;
const DEPTH = 0.025 / LAYERS;
const CONDUCTIVITY = 0.15;
const CAPACITY = 1.2e6;
/** Underside to the room, W/m2K. */
const BELOW = 6;

export class ForeignBoard {
  private readonly layers: Float64Array;

  constructor(private readonly room: number) {
    this.layers = new Float64Array(LAYERS).fill(room);
  }

  get top(): number {
    return this.layers[0];
  }

  /** Copies the state of another board. */
  takeFrom(other: ForeignBoard): void {
    this.layers.set(other.layers);
  }

  /** @param given power from the food, W/m2 */
  step(given: number, dt: number): void {
    const { layers } = this;
    const flux = new Float64Array(LAYERS + 1);
    flux[0] = given;
    for (let i = 1; i < LAYERS; i += 1)
      flux[i] = (CONDUCTIVITY / DEPTH) * (layers[i - 1] - layers[i]);
    flux[LAYERS] = BELOW * (layers[LAYERS - 1] - this.room);
    for (let i = 0; i < LAYERS; i += 1)
      layers[i] += ((flux[i] - flux[i + 1]) * dt) / (CAPACITY * DEPTH);
  }
}
