export * from './eventsFromMemory';
export * from './cookState';
export * from './cookedLegs';
export * from './effectiveEvents';
export * from './event';
export * from './preheatStep';
export * from './progress';
export * from './replay';
