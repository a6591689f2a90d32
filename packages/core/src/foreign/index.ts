export * from './cookForeign';
export * from './foreignKitchen';
