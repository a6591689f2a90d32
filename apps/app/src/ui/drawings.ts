export { CurveChart } from './CurveChart';
export { RulerToScale } from './RulerToScale';
export { Stem } from './Stem';
export { TrendChart } from './TrendChart';
