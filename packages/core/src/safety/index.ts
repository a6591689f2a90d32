export * from './allergens';
export * from './keepsRaw';
export * from './lethality';
export * from './minimumTemperature';
export * from './parasites';
