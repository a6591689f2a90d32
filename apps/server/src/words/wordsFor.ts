import type { Request } from 'express';
import { LANGUAGES, type Language } from '@crustan/messages';
import { SERVER_WORDS, type ServerWords } from './serverWords';

/** Language of an answer: that of the user, as the request's `Accept-Language` says; English if it is none of ours. */
export const languageFor = (req: Request): Language => {
  const accepted = req.acceptsLanguages([...LANGUAGES]);
  return LANGUAGES.find((language) => language === accepted) ?? 'en';
};

/** Formats messages in the language of the user who asks. */
export const wordsFor = (req: Request): ServerWords => SERVER_WORDS[languageFor(req)];
