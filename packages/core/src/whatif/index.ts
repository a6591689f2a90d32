export * from './troubleOptions';
export * from './wayOutOffered';
export * from './whatIf';
