import { chunk } from './ui/chunk';

/** Forms and their components in one chunk, loaded with the first form. */
const sheet = () => import('./formSheet');

export const JudgeForm = chunk(() => sheet().then((m) => m.JudgeForm)).Chunk;
export const OwnCutForm = chunk(() => sheet().then((m) => m.OwnCutForm)).Chunk;
export const OwnSide = chunk(() => sheet().then((m) => m.OwnSide)).Chunk;
