import type { RobustFit } from './robustLeastSquares';

/** Posterior weights of several fits of the same observations. Their sum is 1. */
export const fitWeights = (fits: readonly RobustFit[]): readonly number[] => {
  const best = Math.max(...fits.map(({ logEvidence }) => logEvidence));
  const raw = fits.map(({ logEvidence }) => Math.exp(logEvidence - best));
  const total = raw.reduce((sum, weight) => sum + weight, 0);
  return raw.map((weight) => weight / total);
};

/** Mean and covariance of a mixture of fits, of its first `count` parameters. */
export const mixture = (
  fits: readonly RobustFit[],
  weights: readonly number[],
  count: number,
): { readonly mean: Float64Array; readonly covariance: Float64Array } => {
  const mean = new Float64Array(count);
  fits.forEach((fit, h) => {
    for (let j = 0; j < count; j += 1) mean[j] += weights[h] * fit.mean[j];
  });
  const covariance = new Float64Array(count * count);
  fits.forEach((fit, h) => {
    const n = fit.mean.length;
    for (let j = 0; j < count; j += 1) {
      for (let k = 0; k < count; k += 1) {
        const between = (fit.mean[j] - mean[j]) * (fit.mean[k] - mean[k]);
        covariance[j * count + k] += weights[h] * (fit.covariance[j * n + k] + between);
      }
    }
  });
  return { mean, covariance };
};
