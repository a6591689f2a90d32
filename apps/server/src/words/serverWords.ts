import { translators } from '@crustan/messages';
import { server } from '@crustan/messages/en/server';
import { server as serverEs } from '@crustan/messages/es/server';

/** Formats the server's messages, by language. */
export const SERVER_WORDS = translators(server, { es: serverEs });
export type ServerWords = (typeof SERVER_WORDS)['en'];
