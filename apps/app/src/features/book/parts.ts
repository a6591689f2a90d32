/** Screens of the logbook in one chunk, loaded when the first screen opens. */
export { BookScreen } from './BookScreen';
export { CookScreen } from './CookScreen';
export { FilesScreen } from './files/FilesScreen';
export { LearnedScreen } from './LearnedScreen';
export { TrendsScreen } from './TrendsScreen';
export { TrialScreen } from './TrialScreen';
export { TrialsScreen } from './TrialsScreen';
export { WriteDownScreen } from './WriteDownScreen';
