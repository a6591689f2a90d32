export * from './cookState';
export * from './event';
export * from './heatStep';
