// Entry of the bundle. The words of a page are formatted when its modules are evaluated: its language comes first.
import 'expo';
import { startInLanguage } from './src/startInLanguage';

startInLanguage(() => require('expo-router/entry'));
