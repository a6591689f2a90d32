import { render, screen } from '@testing-library/react';
import { crustColour } from '@crustan/core/doneness';
import { SPECIES } from '@crustan/core/food';
import { slicedPlanOf } from '../testing';
import { CurveChart } from './CurveChart';
import { paintSlice } from './paintSlice';
import type { SliceFigures } from './sliceFigures';
import { crustPaint, fleshColour } from './ramps';
import { Slice } from './Slice';

const { plan, slices } = slicedPlanOf();
const figures: SliceFigures = {
  species: 'beef',
  cells: slices.cells,
  peak: slices.frames.at(-1)?.peak ?? [],
  browning: plan.browning,
  crust: plan.crust,
  width: 0.075,
};

it('draws the slice to scale and says what it is', () => {
  const { container } = render(
    <Slice figures={figures} maxWidth={300} maxHeight={400} line={65} says="Medium-rare slice" />,
  );
  expect(screen.getByRole('img', { name: 'Medium-rare slice' })).toBeTruthy();
  const canvas = container.querySelector('canvas');
  expect(Number(canvas?.width) / Number(canvas?.height)).toBeCloseTo(0.075 / 0.025, 2);
});

describe('the paint of a slice', () => {
  const [nx, ny] = [60, 24];
  const at = (pixels: ArrayLike<number>, x: number, y: number): string =>
    [0, 1, 2].map((k) => pixels[(y * nx + x) * 4 + k]).join();
  const rgb = (colour: string): string => (colour.match(/\d+/g) ?? []).join();

  it('has the doneness of the middle in the middle, crust on both faces', () => {
    const pixels = paintSlice(figures, nx, ny);
    const { heights } = figures.cells;
    const middle = figures.peak[Math.floor(heights.length / 2)] ?? 0;
    const near = [...Array(17).keys()]
      .map((step) => (step - 8) / 8)
      .map((more) => rgb(fleshColour('beef', Math.round(8 * middle) / 8 + more)));
    expect(near).toContain(at(pixels, nx / 2, ny / 2));
    expect(at(pixels, nx / 2, 0)).toBe(rgb(crustPaint(plan.browning[0])));
    expect(at(pixels, nx / 2, ny - 1)).toBe(rgb(crustPaint(plan.browning[1])));
  });

  it('mirrors a half section, and draws the line where grey begins on both sides', () => {
    const half: SliceFigures = {
      ...figures,
      cells: { heights: [0.01, 0.01, 0.01], widths: [0.02, 0.01], whole: false },
      // The middle column, then the edge one: hotter outward.
      peak: [80, 50, 80, 90, 75, 90],
    };
    const plain = paintSlice(half, nx, ny);
    expect(at(plain, 3, 12)).toBe(at(plain, nx - 4, 12));
    expect(at(plain, 3, 12)).not.toBe(at(plain, nx / 2, 12));
    const lined = paintSlice(half, nx, ny, 65);
    const dark = [...Array(ny).keys()].filter((y) =>
      [...Array(8).keys()].some((x) => at(lined, nx / 2 + x, y) === '20,22,24'),
    );
    expect(dark.some((y) => y < ny / 2)).toBe(true);
    expect(dark.some((y) => y > ny / 2)).toBe(true);
  });

  it('shows a bone along one edge and the fat under a skin', () => {
    const cells = { heights: [0.01, 0.01, 0.01], widths: [0.02, 0.02], whole: true };
    const peak = [80, 50, 80, 80, 50, 80];
    const boned = paintSlice({ ...figures, cells, peak, bone: { width: 0.01, beyond: 0 } }, nx, ny);
    expect(at(boned, nx - 1, 12)).not.toBe(at(boned, 2, 12));
    const skinned = paintSlice({ ...figures, cells, peak, skin: 0.006, crust: [0, 0] }, nx, ny);
    expect(at(skinned, 10, 3)).not.toBe(at(boned, 10, 3));
  });
});

it.each(SPECIES)('%s changes colour over its doneness range, and never twice alike', (species) => {
  const colours = [30, 45, 50, 55, 60, 66, 75].map((celsius) => fleshColour(species, celsius));
  expect(new Set(colours).size).toBe(colours.length);
});

it('paints crust darker with every step of browning', () => {
  const brightness = (index: number): number =>
    (crustPaint(index).match(/\d+/g) ?? []).reduce((sum, part) => sum + Number(part), 0);
  for (const [lighter, darker] of [
    [0.2, 1],
    [1, 1.8],
    [1.8, 2.6],
    [2.6, 3.3],
  ] as const) {
    expect(crustColour(lighter, {})).not.toBe(crustColour(darker, {}));
    expect(brightness(darker)).toBeLessThan(brightness(lighter));
  }
});

it('says a chart as a sentence', () => {
  render(
    <CurveChart
      curves={[{ label: 'core', colour: '#000', time: plan.trace.time, value: plan.trace.core }]}
      marks={[]}
      height={200}
      showTemperature={(celsius) => `${celsius}°`}
      ticks={[[0, 20, 1]]}
      units="metric"
      says="The core climbs to 54 °C"
    />,
  );
  expect(screen.getByRole('img', { name: 'The core climbs to 54 °C' })).toBeTruthy();
  expect(screen.getByText('core')).toBeTruthy();
});
