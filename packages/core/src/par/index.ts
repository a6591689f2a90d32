export * from './counts';
export * from './demandDay';
export * from './fitDemand';
export * from './optimizePrepCount';
export * from './drawCount';
export * from './closedDays';
export * from './fitMenu';
