import { setLanguage } from '@crustan/messages';
import { loadWords } from './loadWords';
import { pageLanguage } from './store/pageLanguage';

/**
 * Sets the language of the page, then starts the page. In English it starts at once; another language is loaded first,
 * and English is shown if it cannot be loaded.
 */
export const startInLanguage = (start: () => void): void => {
  const language = pageLanguage();
  document.documentElement.lang = language;
  if (language === 'en') {
    start();
    return;
  }
  setLanguage(language);
  loadWords('names', 'shared', 'meanings', 'plan').then(start, () => {
    setLanguage('en');
    document.documentElement.lang = 'en';
    start();
  });
};
