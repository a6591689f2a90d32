import { environmentLanguage } from '@crustan/messages';
import { SERVER_WORDS } from './serverWords';

/** Formats the lines of the process, in the language of its environment. */
export const t = SERVER_WORDS[environmentLanguage(process.env)];
