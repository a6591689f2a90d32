/** A piece on the heat whose end the thermometer decides. Seconds of the service, K. */
export interface ProbedPiece {
  readonly id: string;
  /** End of the deciding leg by the current forecast, s of the service. */
  readonly decidesAt: number;
  /** Standard deviation of the end by the clock, K, and of the moment, s. */
  readonly unsureEnd: number;
  readonly unsureSeconds: number;
  /** Time of its last reading, s of the service. */
  readonly readAt: number | undefined;
  /** Lateness of its table, s. */
  readonly late: number;
}

/** Piece to probe next, and the reason. */
export interface ProbeAdvice {
  readonly id: string;
  /** Present standard deviation of the end, K and s, and the time until it is decided. */
  readonly unsureEnd: number;
  readonly unsureSeconds: number;
  readonly seconds: number;
}

/** A reading by hand, s: probe in, wait, out. Estimate. */
const READING_SECONDS = 15;
/** Best time of a reading before the end, s: an earlier one has little information, a later one comes too late. */
const BEST_BEFORE = 180;
const SPAN = 240;
/** Time after which half of the information of a reading is lost, s. */
const WEARS_OFF = 240;

/**
 * The piece whose reading is worth the most against what it costs: what is unsure of its end now, weighted by
 * how near the decision is, over the seconds of a hand. None where every end is surer than a thermometer.
 */
export const probeNext = (pieces: readonly ProbedPiece[], now: number): ProbeAdvice | undefined => {
  const worth = (piece: ProbedPiece): number => {
    const seconds = piece.decidesAt - now;
    if (seconds < READING_SECONDS) return 0;
    const near = Math.exp(-(((seconds - BEST_BEFORE) / SPAN) ** 2));
    const fresh = piece.readAt === undefined ? 1 : 1 - 0.5 ** ((now - piece.readAt) / WEARS_OFF);
    // A late table's piece cannot be put right by waiting.
    const matters = 1 + Math.min(1, Math.max(0, piece.late) / 300);
    return (piece.unsureEnd * near * fresh * matters) / READING_SECONDS;
  };
  const best = pieces
    .map((piece) => ({ piece, worth: worth(piece) }))
    .toSorted((a, b) => b.worth - a.worth)
    .at(0);
  if (!best || best.worth * READING_SECONDS < LEAST_WORTH) return undefined;
  return probeAdvice(best.piece, now);
};

/** Advice on one piece, whatever the value of a reading. */
export const probeAdvice = (
  { id, unsureEnd, unsureSeconds, decidesAt }: ProbedPiece,
  now: number,
): ProbeAdvice => ({ id, unsureEnd, unsureSeconds, seconds: Math.max(0, decidesAt - now) });

/** Less than this is not worth a hand, K. */
const LEAST_WORTH = 0.2;
