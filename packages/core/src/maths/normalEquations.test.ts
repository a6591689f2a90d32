import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { solveNormal } from './normalEquations';

const double = fc.double({ min: -3, max: 3, noNaN: true });

describe('normal equations', () => {
  it('are solved, with the inverse and the determinant, for any positive definite matrix', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }),
        fc.array(double, { minLength: 42, maxLength: 42 }),
        (n, drawn) => {
          // A = J'J + I is positive definite whatever J is.
          const a = new Float64Array(n * n);
          for (let i = 0; i < n; i += 1) {
            for (let j = 0; j < n; j += 1) {
              for (let k = 0; k < n; k += 1) a[i * n + j] += drawn[k * n + i] * drawn[k * n + j];
              if (i === j) a[i * n + j] += 1;
            }
          }
          const b = Float64Array.from(drawn.slice(36, 36 + n));
          const { x, inverse, logDet } = solveNormal(a, b);
          for (let i = 0; i < n; i += 1) {
            let product = 0;
            for (let j = 0; j < n; j += 1) {
              product += a[i * n + j] * x[j];
              let unit = 0;
              for (let k = 0; k < n; k += 1) unit += a[i * n + k] * inverse[k * n + j];
              expect(unit).toBeCloseTo(i === j ? 1 : 0, 8);
            }
            expect(product).toBeCloseTo(b[i], 8);
          }
          expect(logDet).toBeGreaterThanOrEqual(-1e-9);
          if (n === 1) expect(Math.exp(logDet)).toBeCloseTo(a[0], 8);
        },
      ),
    );
  });
});
