// Lateral area ratios to which the rule was fitted: that of each section, beside the rule's.
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from '../bundle.mjs';
import { CACHE } from '../root.mjs';

export const benchEdges = async () => {
  const built = path.join(CACHE, 'edges.mjs');
  await bundle('apps/cli/src/fit/lateralAreaRatio.ts', built);
  const { ratioPoints } = await import(pathToFileURL(built).href);
  const points = ratioPoints();
  const off = points.map(({ ratio, rule }) => Math.abs(ratio - rule));
  return { points, meanOff: off.reduce((sum, one) => sum + one, 0) / off.length };
};
