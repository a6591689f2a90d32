/**
 * The grammar of the cook's own words. It is imported on demand, and as one: what two chunks share belongs to the first load.
 */
export { recipesIn } from '@crustan/core/formats/recipe';
export { recipeTimes } from '@crustan/core/formats/recipeTimes';
export { readSearch } from '@crustan/core/formats/readSearch';
export { readDinner } from '@crustan/core/phrases/readDinner';
export { readSteps } from '@crustan/core/phrases/readSteps';
export { saidRequest } from '@crustan/core/phrases/saidRequest';
