import { FaceLine } from './faceLine';
import { edgeLayout, faceLayout } from './layouts';
import type { PieceState } from './pieceState';
import type { StepArrays } from './stepArrays';
import type { Surroundings } from '../places/surroundings';
import { latentHeat } from '../matter/vapour';

/** Local alias for hot loops. */
const { sqrt } = Math;

/** Boundaries of a piece: its two faces, and its edges if it has columns. */
export class PieceBounds {
  /** The face that went down first, and the other, whichever way the piece lies now. */
  readonly lower: FaceLine;
  readonly upper: FaceLine;
  /** The right edge, and the left one of a piece solved whole. */
  readonly edges: readonly FaceLine[];

  constructor({ section, matter, heights, columns }: PieceState) {
    this.lower = new FaceLine(faceLayout(section, matter, 0, heights));
    this.upper = new FaceLine(faceLayout(section, matter, 1, heights));
    this.edges =
      columns === 1
        ? []
        : [
            new FaceLine(edgeLayout(section, 'right')),
            ...(section.openLeft ? [new FaceLine(edgeLayout(section, 'left'))] : []),
          ];
  }

  /** The line of the face that lies down. */
  lying(flipped: boolean): FaceLine {
    return flipped ? this.upper : this.lower;
  }

  /** Makes every line linear about the piece's present state. */
  prepare(piece: PieceState, around: Surroundings, { outward, resistivity }: StepArrays): void {
    const { faceScale, heightScale, flipped } = piece;
    const below = flipped ? around.upper : around.lower;
    const above = flipped ? around.lower : around.upper;
    this.lower.prepare(piece, below, outward, faceScale, heightScale);
    this.upper.prepare(piece, above, outward, faceScale, heightScale);
    const across = sqrt(faceScale);
    for (const edge of this.edges) {
      edge.prepare(piece, around.edge, resistivity, across * heightScale, across);
    }
  }

  /** Adds what crosses the lines to the net power of their cells, and the slopes of their vapour. */
  addPower(piece: PieceState, arrays: StepArrays): void {
    addLine(this.lower, piece, arrays.power, arrays.sink);
    addLine(this.upper, piece, arrays.power, arrays.sink);
    for (const edge of this.edges) addLine(edge, piece, arrays.power, arrays.edgeSink);
  }
}

const addLine = (
  face: FaceLine,
  { temperature }: PieceState,
  power: Float64Array,
  sink: Float64Array,
): void => {
  for (let p = 0; p < face.count; p += 1) {
    const c = face.outer[p];
    power[c] += face.conductance[p] * (face.temperature[p] - temperature[c]);
    const wet = face.wetCell[p];
    if (wet < 0) continue;
    const latent = latentHeat(temperature[wet]);
    sink[wet] += latent * face.vapourSlope[p];
    power[wet] -= latent * (face.vapourConstant[p] + face.vapourSlope[p] * temperature[wet]);
  }
};
