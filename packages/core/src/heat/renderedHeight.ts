import { ESTIMATES } from './estimates';

const LOST = 1 - ESTIMATES.renderedLeft.value;

/** Height of a row that has rendered so far, of its first. */
export const renderedHeight = (rendered: number): number => 1 - LOST * rendered;
