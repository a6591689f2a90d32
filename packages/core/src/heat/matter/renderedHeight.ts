import { ESTIMATES } from './estimates';

const LOST = 1 - ESTIMATES.renderedLeft.value;

/** Height of a row after rendering, as a share of its first height. */
export const renderedHeight = (rendered: number): number => 1 - LOST * rendered;
