export * from './actions';
export * from './plannedCore';
export * from './restRule';
export * from './run';
export * from './shared';
export * from './sides';
export * from './landTogether';
