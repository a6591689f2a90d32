import { translator } from '@crustan/messages';
import { kitchen } from '@crustan/messages/en/kitchen';

/** Formats a message of Kitchen in the language of the page. */
export const t = translator('kitchen', kitchen);
