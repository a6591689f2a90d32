import { chunk } from './chunk';

const views = () => import('./meanings/views');

/** Words and their meanings, fetched when one is first shown. */
export const MeaningLines = chunk(() => views().then((m) => m.MeaningLines)).Chunk;
export const FigureLines = chunk(() => views().then((m) => m.FigureLines)).Chunk;
export const Terms = chunk(() => views().then((m) => m.Terms)).Chunk;
export const Words = chunk(() => views().then((m) => m.Words)).Chunk;
