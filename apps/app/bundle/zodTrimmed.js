// Stands in for the parts of Zod that the interface never calls: JSON Schema both ways and
// compiled parsers. The schemas built from them are written by `npm run schemas`, not in a browser.
const absent = () => {
  throw new Error('This part of Zod is not in the browser bundle; see metro.config.js.');
};
export const createToJSONSchemaMethod = () => absent;
export const createStandardJSONSchemaMethod = () => absent;
export const aggregateChecks = () => ({});
export const toJSONSchema = absent;
export const fromJSONSchema = absent;
export const compile = absent;
export const withParser = absent;
export const INVALID = Symbol.for('zod.compile.invalid');
