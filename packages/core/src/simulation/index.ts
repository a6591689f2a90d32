export * from './hiddenKitchen';
export * from './practiceKitchen';
export * from './practiceScore';
export * from './trueKitchen';
