import { translator } from '@crustan/messages';
import { meanings } from '@crustan/messages/en/meanings';

/** Formats a message of the figures in the language of the page. */
export const t = translator('meanings', meanings);
