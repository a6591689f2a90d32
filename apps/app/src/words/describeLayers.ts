import { formatList } from '@crustan/messages';
import type { SliceFigures } from '../ui/sliceFigures';
import type { Show } from './show';
import { t } from '../t';

/** Layers thinner than this are merged with their neighbour, m. */
const THINNEST = 0.0008;

/** Index of the first cell above the mid-line of a cut. */
const middleOf = ({ cells: { heights, widths, whole } }: SliceFigures): number =>
  heights.length * (whole ? Math.floor(widths.length / 2) : 0);

interface Layer {
  readonly name: string;
  readonly thick: number;
}

/** Merges layers that are too thin with the layer before. */
const joined = (layers: readonly Layer[]): readonly Layer[] => {
  const made: Layer[] = [];
  for (const layer of layers) {
    const last = made.at(-1);
    if (last && (last.name === layer.name || layer.thick < THINNEST)) {
      made[made.length - 1] = { name: last.name, thick: last.thick + layer.thick };
    } else made.push(layer);
  }
  return made;
};

/**
 * A slice for those who cannot see it: its layers along the middle, from the face that went down first.
 * @param names a doneness in words, of a peak in C
 */
export const describeLayers = (
  figures: SliceFigures,
  names: (celsius: number) => string,
  show: Show,
): string => {
  const { cells, peak, skin } = figures;
  if (cells.rolled) return '';
  const from = middleOf(figures);
  const layers = joined(
    cells.heights.map((thick, row) => ({ name: names(peak[from + row] ?? 0), thick })),
  );
  const said = layers.map(({ name, thick }) => `${show.depth(thick)} ${name}`);
  return t('from-the', { part: skin === undefined ? t('top') : t('skin'), said: formatList(said) });
};
