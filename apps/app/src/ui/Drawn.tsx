import { View } from 'react-native';
import { chunk } from './chunk';

/** Components that draw with vectors and scales form one chunk, loaded with the first drawing. */
const drawings = () => import('./drawings');

const Room = ({ height }: { readonly height: number }) => <View style={{ height }} />;

/** Curves over a cook. */
export const Chart = chunk(() => drawings().then((m) => m.CurveChart), Room).Chunk;

/** A figure of many cooks over the calendar. */
export const Trend = chunk(() => drawings().then((m) => m.TrendChart), Room).Chunk;

/** Position of the thermometer, drawn over a slice. */
export const ProbeStem = chunk(
  () => drawings().then((m) => m.Stem),
  () => null,
).Chunk;

const RULER_HEIGHT = 58;

/** A thickness against a ruler. */
export const Ruler = chunk(
  () => drawings().then((m) => m.RulerToScale),
  () => <Room height={RULER_HEIGHT} />,
).Chunk;
