export * from './crustColour';
export * from './donenessShares';
export * from './scales';
