/** The steam that is heard over a cook: s since the first heat, kg/(m2 s). */
export interface SteamCurve {
  readonly time: readonly number[];
  readonly steam: readonly number[];
}

/** Steam at a moment of a curve, by a straight line between its points; none outside it. */
export const steamAt = ({ time, steam }: SteamCurve, seconds: number): number => {
  const after = time.findIndex((at) => at >= seconds);
  if (after <= 0) return 0;
  const [from, to] = [time[after - 1] ?? 0, time[after] ?? 0];
  const share = to > from ? (seconds - from) / (to - from) : 1;
  return (steam[after - 1] ?? 0) * (1 - share) + (steam[after] ?? 0) * share;
};
