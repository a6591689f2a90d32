/** Every table that is read or written as CSV, for whoever loads them together and late. */
export * from './bookReadingsCsv';
export * from './cardCsv';
export * from './cooksCsv';
export * from './demandCsv';
export * from './readingsCsv';
export * from './serviceCsv';
