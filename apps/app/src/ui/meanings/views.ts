/** What shows meanings, in one chunk: the words themselves are fetched once, when the first is asked for. */
export { MeaningLines } from './MeaningLines';
export { Terms } from './Terms';
export { Words } from './Words';
