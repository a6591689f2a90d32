export * from './duration';
export * from './temperature';
export * from './unitSystem';
