export * from './findCrossing';
export * from './runToEnd';
export * from './mixture';
export * from './normalEquations';
export * from './random';
export * from './robustLeastSquares';
export * from './thinned';
