import { translator } from '@crustan/messages';
import { service } from '@crustan/messages/en/service';

/** Formats a message of Service in the language of the page. */
export const t = translator('service', service);
