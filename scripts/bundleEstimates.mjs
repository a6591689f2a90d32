import { bundle } from './bundle.mjs';
import { giveUp } from './root.mjs';

/** Source of the table of estimates, from the root of the project. */
export const ESTIMATES_TABLE = 'packages/core/src/heat/matter/estimates.ts';

/** Bundles an entry with another text in place of the table of estimates. */
export const bundleEstimates = async (entry, built, contents) => {
  let replaced = false;
  await bundle(entry, built, {
    name: 'other-estimates',
    setup: (build) =>
      build.onLoad({ filter: /heat[\\/]matter[\\/]estimates\.ts$/ }, () => {
        replaced = true;
        return { contents, loader: 'ts' };
      }),
  });
  if (!replaced)
    giveUp(`${entry} does not read ${ESTIMATES_TABLE}, so that other estimates change nothing.`);
};
