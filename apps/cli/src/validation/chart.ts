/** A line, or loose dots, of a figure. */
export interface Series {
  readonly label: string;
  readonly colour: string;
  readonly points: readonly (readonly [number, number])[];
  readonly dots?: boolean;
}

export interface Chart {
  readonly title: string;
  readonly x: string;
  readonly y: string;
  readonly series: readonly Series[];
  /** Both axes logarithmic. */
  readonly log?: boolean;
}

const [WIDTH, HEIGHT, LEFT, RIGHT, TOP, BOTTOM] = [560, 300, 52, 12, 34, 44];

const ticksOf = (low: number, high: number, log: boolean): readonly number[] => {
  if (log) {
    const decades: number[] = [];
    for (let e = Math.floor(low); e <= Math.ceil(high); e += 1) decades.push(e);
    return decades;
  }
  const step = 10 ** Math.floor(Math.log10((high - low) / 3));
  const nice = [1, 2, 5, 10].map((m) => m * step).find((s) => (high - low) / s <= 6) ?? step;
  const ticks: number[] = [];
  for (let t = Math.ceil(low / nice) * nice; t <= high + 1e-9; t += nice) ticks.push(t);
  return ticks;
};

const say = (value: number, log: boolean): string =>
  log ? (10 ** value).toPrecision(1) : String(Number(value.toPrecision(6)));

/** A small figure as SVG: axes, lines, dots, and a legend under the title. */
export const drawChart = ({ title, x, y, series, log = false }: Chart): string => {
  const scale = (value: number): number => (log ? Math.log10(value) : value);
  const all = series.flatMap(({ points }) => points);
  const range = (which: 0 | 1): readonly [number, number] => {
    const values = all.map((point) => scale(point[which]));
    const [low, high] = [Math.min(...values), Math.max(...values)];
    const room = which === 1 ? (high - low) * 0.08 : 0;
    return low === high ? [low - 1, high + 1] : [low - room, high + room];
  };
  const [x0, x1] = range(0);
  const [y0, y1] = range(1);
  const px = (v: number): number => LEFT + ((v - x0) / (x1 - x0)) * (WIDTH - LEFT - RIGHT);
  const py = (v: number): number =>
    HEIGHT - BOTTOM - ((v - y0) / (y1 - y0)) * (HEIGHT - TOP - BOTTOM);
  const within = (v: number, low: number, high: number): boolean =>
    v >= low - 1e-9 && v <= high + 1e-9;
  const grid = [
    ...ticksOf(y0, y1, log)
      .filter((t) => within(t, y0, y1))
      .map(
        (t) =>
          `<line x1="${LEFT}" x2="${WIDTH - RIGHT}" y1="${py(t).toFixed(1)}" y2="${py(t).toFixed(1)}" stroke="#DDD8CC"/><text x="${LEFT - 6}" y="${(py(t) + 4).toFixed(1)}" text-anchor="end">${say(t, log)}</text>`,
      ),
    // On a logarithmic axis few decades are seen: the points' own places are marked.
    ...(log ? [...new Set(all.map(([at]) => scale(at)))] : ticksOf(x0, x1, false))
      .filter((t) => within(t, x0, x1))
      .map(
        (t) =>
          `<text x="${px(t).toFixed(1)}" y="${HEIGHT - BOTTOM + 16}" text-anchor="middle">${say(t, log)}</text>`,
      ),
  ];
  const marks = series.map(({ colour, points, dots }) => {
    const at = points.map(([a, b]) => [px(scale(a)).toFixed(1), py(scale(b)).toFixed(1)] as const);
    return dots
      ? at
          .map(([a, b]) => `<circle cx="${a}" cy="${b}" r="4" fill="none" stroke="${colour}"/>`)
          .join('')
      : `<polyline points="${at.map((p) => p.join(',')).join(' ')}" fill="none" stroke="${colour}" stroke-width="1.5"/>`;
  });
  const legend = series.map(
    ({ label, colour }, i) => `<text x="${LEFT + i * 170}" y="28" fill="${colour}">${label}</text>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}" width="${WIDTH}" height="${HEIGHT}" font-family="sans-serif" font-size="12" fill="#141618">`,
    `<rect width="${WIDTH}" height="${HEIGHT}" fill="#F6F4EE"/>`,
    `<text x="${LEFT}" y="13" font-weight="bold">${title}</text>`,
    ...legend,
    ...grid,
    ...marks,
    `<text x="${WIDTH - RIGHT}" y="${HEIGHT - 8}" text-anchor="end">${x}</text>`,
    `<text x="6" y="${TOP - 8}" font-size="11">${y}</text>`,
    '</svg>',
  ].join('\n');
};
