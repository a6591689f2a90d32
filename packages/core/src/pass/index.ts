export * from './dish';
export * from './gearState';
export * from './ironRecovery';
export * from './pieceSteps';
export * from './portionOptions';
export * from './scheduleService';
export * from './serviceGear';
export * from './serviceSchedule';
