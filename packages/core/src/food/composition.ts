/** Mass fractions of a tissue's components; they sum to one. */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly ash: number;
}
