/** The solution of normal equations: x, the inverse of A row by row, and the log of its determinant. */
export interface NormalSolution {
  readonly x: Float64Array;
  readonly inverse: Float64Array;
  readonly logDet: number;
}

/**
 * Solves A x = b for a symmetric positive definite A by Cholesky's factors.
 */
export const solveNormal = (a: Float64Array, b: Float64Array): NormalSolution => {
  const n = b.length;
  const l = new Float64Array(n * n);
  let logDet = 0;
  for (let i = 0; i < n; i += 1) {
    for (let j = 0; j <= i; j += 1) {
      let sum = a[i * n + j];
      for (let k = 0; k < j; k += 1) sum -= l[i * n + k] * l[j * n + k];
      l[i * n + j] = i === j ? Math.sqrt(Math.max(sum, 1e-12)) : sum / l[j * n + j];
    }
    logDet += 2 * Math.log(l[i * n + i]);
  }
  const solve = (right: Float64Array): Float64Array => {
    const y = right.slice();
    for (let i = 0; i < n; i += 1) {
      for (let k = 0; k < i; k += 1) y[i] -= l[i * n + k] * y[k];
      y[i] /= l[i * n + i];
    }
    for (let i = n - 1; i >= 0; i -= 1) {
      for (let k = i + 1; k < n; k += 1) y[i] -= l[k * n + i] * y[k];
      y[i] /= l[i * n + i];
    }
    return y;
  };
  const inverse = new Float64Array(n * n);
  for (let j = 0; j < n; j += 1) {
    const unit = new Float64Array(n);
    unit[j] = 1;
    const column = solve(unit);
    for (let i = 0; i < n; i += 1) inverse[i * n + j] = column[i];
  }
  return { x: solve(b), inverse, logDet };
};
