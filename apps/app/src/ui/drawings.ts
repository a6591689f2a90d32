export { CurveChart } from './CurveChart';
export { RulerToScale } from './RulerToScale';
