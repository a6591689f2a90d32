import { UNITS } from '@crustan/core/units';
import { temperatureTicks } from './temperatureTicks';

it('marks an axis at round figures in either unit', () => {
  expect(temperatureTicks('metric', 0, 80, 4)).toEqual([0, 20, 40, 60, 80]);
  const { fromSi } = UNITS.imperial.temperature;
  const inF = (low: number, high: number, count: number): readonly number[] =>
    temperatureTicks('imperial', low, high, count).map((tick) => Math.round(fromSi(tick)));
  expect(inF(0, 80, 4)).toEqual([50, 100, 150]);
  expect(inF(0, 300, 6)).toEqual([100, 200, 300, 400, 500]);
});
