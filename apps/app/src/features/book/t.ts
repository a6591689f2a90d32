import { translator } from '@crustan/messages';
import { logbook } from '@crustan/messages/en/logbook';

/** Formats a message of Logbook in the language of the page. */
export const t = translator('logbook', logbook);
