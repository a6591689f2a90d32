/** The book's screens in one piece: what they share is fetched with the first of them, not before. */
export { BookScreen } from './BookScreen';
export { CookScreen } from './CookScreen';
export { FilesScreen } from './files/FilesScreen';
export { LearnedScreen } from './LearnedScreen';
export { TrendsScreen } from './TrendsScreen';
export { TrialScreen } from './TrialScreen';
export { TrialsScreen } from './TrialsScreen';
export { WriteDownScreen } from './WriteDownScreen';
