export * from './allergens';
export * from './lethality';
export * from './minimumTemperature';
export * from './parasites';
