import { translator } from '@crustan/messages';
import { stove } from '@crustan/messages/en/stove';

/** Formats a message of Stove in the language of the page. */
export const t = translator('stove', stove);
