export * from './crustColour';
export * from './donenessShares';
export * from './drillError';
export * from './firmness';
export * from './scales';
