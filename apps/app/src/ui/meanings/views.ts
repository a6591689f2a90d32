/** Components that show explanations, in one chunk: the texts are loaded with the first component. */
export { FigureLines } from './FigureLines';
export { MeaningLines } from './MeaningLines';
export { Terms } from './Terms';
export { Words } from './Words';
