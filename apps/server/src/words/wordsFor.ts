import type { Request } from 'express';
import { LANGUAGES, type Language } from '@crustan/messages';
import { SERVER_WORDS, type ServerWords } from './serverWords';

/** Language of an answer: the first of the request's `Accept-Language` that has a catalogue; default: English. */
export const languageFor = (req: Request): Language => {
  const accepted = req.acceptsLanguages([...LANGUAGES]);
  return LANGUAGES.find((language) => language === accepted) ?? 'en';
};

/** Formats messages in the language of the user who asks. */
export const wordsFor = (req: Request): ServerWords => SERVER_WORDS[languageFor(req)];
