/** A primal to be cut into pieces. SI; money in the cook's own. */
export interface Primal {
  /** kg */
  readonly weight: number;
  /** m, along the cut. */
  readonly length: number;
  /** Price of the whole, per kg. */
  readonly pricePerKg: number;
  /** Share cut off as trim: fat, sinew, ends. */
  readonly trim: number;
}

export interface Cutting {
  readonly count: number;
  /** kg each, trimmed. */
  readonly each: number;
  /** kg of trim, ends included. */
  readonly trim: number;
  /** m left over at the end. */
  readonly left: number;
  /** Cost of a piece, trim paid for. */
  readonly priceEach: number;
  /** The same per kg of trimmed piece: to hold against the packet's. */
  readonly pricePerKg: number;
}

/** Cuts a primal across into pieces of a thickness; what is left at the end goes with the trim. */
export const cutPrimal = (
  { weight, length, pricePerKg, trim }: Primal,
  thickness: number,
): Cutting => {
  const count = Math.floor(length / thickness + 1e-9);
  const left = length - count * thickness;
  const each = count === 0 ? 0 : ((weight * (1 - trim)) / length) * thickness;
  const cost = weight * pricePerKg;
  return {
    count,
    each,
    trim: weight - count * each,
    left,
    priceEach: count === 0 ? 0 : cost / count,
    pricePerKg: count === 0 ? 0 : cost / (count * each),
  };
};

/** Portions from one thick piece: how many of a weight it gives after cooking loss. */
export const portionsOf = (weight: number, loss: number, portion: number): number =>
  Math.floor((weight * (1 - loss)) / portion + 1e-9);
