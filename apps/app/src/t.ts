import { translator } from '@crustan/messages';
import { shared } from '@crustan/messages/en/shared';

/** Formats a message of every place in the language of the page. */
export const t = translator('shared', shared);
