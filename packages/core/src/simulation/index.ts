export * from './hiddenKitchen';
export * from './practiceKitchen';
export * from './practiceScore';
export * from './trueKitchen';
export * from './simulateService';
export * from './simulatedPiece';
export * from './trueTimes';
