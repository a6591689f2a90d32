/** Stands in for the lists of React Native, which no screen uses. */
export default function List() {
  throw new Error('The lists of React Native are not in this build: see metro.config.js');
}
