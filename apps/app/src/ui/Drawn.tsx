import { lazy, Suspense, type ComponentProps } from 'react';
import { View } from 'react-native';
import type { CurveChart as CurveChartType } from './CurveChart';
import type { RulerToScale as RulerType } from './RulerToScale';
import type { TrendChart as TrendType } from './TrendChart';

/** What is drawn with vectors and scales comes in one piece, when the first of it is wanted. */
const drawings = () => import('./drawings');
const CurveChart = lazy(() => drawings().then((m) => ({ default: m.CurveChart })));
const TrendChart = lazy(() => drawings().then((m) => ({ default: m.TrendChart })));
const RulerToScale = lazy(() => drawings().then((m) => ({ default: m.RulerToScale })));

const Room = ({ height }: { readonly height: number }) => <View style={{ height }} />;

/** Curves over a cook. */
export const Chart = (props: ComponentProps<typeof CurveChartType>) => (
  <Suspense fallback={<Room height={props.height} />}>
    <CurveChart {...props} />
  </Suspense>
);

/** A figure of many cooks over the calendar. */
export const Trend = (props: ComponentProps<typeof TrendType>) => (
  <Suspense fallback={<Room height={props.height} />}>
    <TrendChart {...props} />
  </Suspense>
);

const RULER_HEIGHT = 58;

/** A thickness against a ruler. */
export const Ruler = (props: ComponentProps<typeof RulerType>) => (
  <Suspense fallback={<Room height={RULER_HEIGHT} />}>
    <RulerToScale {...props} />
  </Suspense>
);
