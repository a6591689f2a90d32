export * from './fullHouse';
export * from './eveningPlan';
export * from './runEvening';
