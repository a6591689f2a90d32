export { CurveChart } from './CurveChart';
export { RulerToScale } from './RulerToScale';
export { TrendChart } from './TrendChart';
