import { translator } from '@crustan/messages';
import { plan } from '@crustan/messages/en/plan';

/** Formats a message of Plan in the language of the page. */
export const t = translator('plan', plan);
