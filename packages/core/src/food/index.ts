export * from './buying';
export * from './composition';
export * from './cuts';
export * from './cutTraits';
export * from './footprint';
export * from './species';
export * from './tissues';
export * from './properties';
