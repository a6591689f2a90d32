import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** The solution of normal equations: x, the inverse of A row by row, and the log of its determinant. */
export interface NormalSolution {
  readonly x: Float64Array;
  readonly inverse: Float64Array;
  readonly logDet: number;
}

/** The lower triangle mirrored: sums in another order differ in their last digit. */
const symmetric = (a: Float64Array, n: number): Matrix => {
  const matrix = new Matrix(n, n);
  for (let i = 0; i < n; i += 1) {
    for (let j = 0; j <= i; j += 1) {
      matrix.set(i, j, a[i * n + j]);
      matrix.set(j, i, a[i * n + j]);
    }
  }
  return matrix;
};

/** Solves A x = b for a symmetric positive definite A, row by row, by Cholesky's factors. */
export const solveNormal = (a: Float64Array, b: Float64Array): NormalSolution => {
  const n = b.length;
  const factors = new CholeskyDecomposition(symmetric(a, n));
  const { lowerTriangularMatrix: lower } = factors;
  let logDet = 0;
  for (let i = 0; i < n; i += 1) logDet += 2 * Math.log(lower.get(i, i));
  return {
    x: Float64Array.from(factors.solve(Matrix.columnVector(b)).to1DArray()),
    inverse: Float64Array.from(factors.solve(Matrix.eye(n)).to1DArray()),
    logDet,
  };
};
