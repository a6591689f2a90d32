export * from './duration';
export * from './eighths';
export * from './temperature';
export * from './unitSystem';
