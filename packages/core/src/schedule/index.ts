export * from './actions';
export * from './lateSteps';
export * from './plannedCore';
export * from './restRule';
export * from './run';
export * from './shared';
export * from './sides';
