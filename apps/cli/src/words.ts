import { environmentLanguage, translators } from '@crustan/messages';
import { cli } from '@crustan/messages/en/cli';
import { cli as cliEs } from '@crustan/messages/es/cli';

/** Language of the user, from the environment. */
export const LANGUAGE = environmentLanguage(process.env);

/** Formats the messages of the command line. */
export const t = translators(cli, { es: cliEs })[LANGUAGE];
