import { chunk } from './ui/chunk';

/** Forms come in one piece with what they are made with, when the first of them is wanted. */
const sheet = () => import('./formSheet');

export const JudgeForm = chunk(() => sheet().then((m) => m.JudgeForm)).Chunk;
export const OwnCutForm = chunk(() => sheet().then((m) => m.OwnCutForm)).Chunk;
export const OwnSide = chunk(() => sheet().then((m) => m.OwnSide)).Chunk;
