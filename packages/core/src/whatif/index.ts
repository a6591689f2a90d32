export * from './troubleOptions';
export * from './chooseFix';
export * from './whatIf';
