import * as fc from 'fast-check';
import { donenessOf } from '@crustan/core/doneness';
import { slicedPlanOf } from '../testing';
import { describeLayers } from './describeLayers';
import { showIn } from './show';
import { sliceOf } from './sliceOf';

const names = (celsius: number): string => donenessOf('beef', celsius).name;
const show = showIn('metric');

const layersOf = (says: string) =>
  [...says.matchAll(/(\d+(?:\.\d+)?) mm ([a-z -]+)/g)].map(([, thick, name]) => ({
    thick: Number(thick),
    name,
  }));

describe('a slice in words', () => {
  it('goes from face to face through the middle, and its layers make up the thickness', () => {
    const { plan, slices } = slicedPlanOf();
    const says = describeLayers(sliceOf(plan, slices), names, show);
    const layers = layersOf(says);
    expect(says).toMatch(/^From the top: /);
    expect(layers.length).toBeGreaterThan(3);
    const sum = layers.reduce((total, { thick }) => total + thick, 0);
    expect(sum).toBeCloseTo(plan.request.thickness * 1000, 0);
    // The middle has the doneness of the plan; the faces are well done.
    expect(layers[0]?.name).toBe('well done');
    expect(layers.map(({ name }) => name)).toContain(names(plan.peakCore));
  });

  it('never tells two layers of one name in a row, nor one too thin to matter', () => {
    const heights = fc.array(fc.double({ min: 0.0001, max: 0.003, noNaN: true }), {
      minLength: 4,
      maxLength: 40,
    });
    fc.assert(
      fc.property(
        heights,
        fc.infiniteStream(fc.double({ min: 40, max: 90, noNaN: true })),
        (rows, peaks) => {
          const peak = rows.map(() => Number(peaks.next().value));
          const figures = {
            species: 'beef' as const,
            cells: { heights: rows, widths: [1], whole: true },
            peak,
            browning: [1, 1] as const,
            crust: [0, 0] as const,
            width: 0.1,
          };
          const layers = layersOf(describeLayers(figures, names, show));
          layers.forEach(({ name }, i) => expect(name).not.toBe(layers[i - 1]?.name));
        },
      ),
    );
  });
});
