import { v4 } from 'uuid';

/**
 * A fresh id. Not the browser's own: that one is missing on pages served over plain http to
 * another device, as a phone in the kitchen gets them.
 */
export const newId = (): string => v4();
