export * from './troubleOptions';
export * from './whatIf';
