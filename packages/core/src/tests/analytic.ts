/** Exact solutions the solver is held against. */

/** Local aliases: in the test runner every lookup of a global is slow. */
const { abs, cos, exp, sin, sqrt, tan } = Math;

/** Roots of x tan x = biot, one in each [n pi, n pi + pi/2], by bisection. */
const slabRoots = (biot: number, count: number): readonly number[] =>
  Array.from({ length: count }, (_, n) => {
    let low = n * Math.PI;
    let high = low + Math.PI / 2 - 1e-12;
    for (let i = 0; i < 80; i += 1) {
      const x = (low + high) / 2;
      if (x * tan(x) < biot) low = x;
      else high = x;
    }
    return (low + high) / 2;
  });

/**
 * Temperature in a slab between two equal fluids (Carslaw & Jaeger), as the share of the first
 * difference that is left.
 * @param depth distance from the middle over the half thickness
 * @param fourier a t / half^2
 */
export const slabShareLeft = (biot: number, fourier: number, depth: number): number =>
  slabRoots(biot, 60).reduce(
    (sum, x) =>
      sum + ((4 * sin(x)) / (2 * x + sin(2 * x))) * exp(-x * x * fourier) * cos(x * depth),
    0,
  );

/** Bessel functions of the first kind of order 0 and 1, by their integrals (trapezoid rule). */
export const besselJ = (order: 0 | 1, x: number): number => {
  const points = 400;
  let sum = 0;
  for (let i = 0; i < points; i += 1) {
    const angle = (Math.PI * (i + 0.5)) / points;
    sum += cos(order * angle - x * sin(angle));
  }
  return sum / points;
};

/** Roots of x J1(x) = biot J0(x), in order, by bisection between the roots of J1. */
const cylinderRoots = (biot: number, count: number): readonly number[] => {
  const f = (x: number): number => x * besselJ(1, x) - biot * besselJ(0, x);
  const roots: number[] = [];
  for (let low = 1e-6; roots.length < count; low += 0.05) {
    let [a, b] = [low, low + 0.05];
    if (f(a) * f(b) > 0) continue;
    for (let i = 0; i < 60; i += 1) {
      const middle = (a + b) / 2;
      if (f(a) * f(middle) > 0) a = middle;
      else b = middle;
    }
    roots.push((a + b) / 2);
  }
  return roots;
};

/**
 * Share of the first difference left on the axis of a long cylinder in a fluid (Carslaw & Jaeger);
 * times a slab's share, that of a finite cylinder.
 * @param fourier a t / radius^2
 */
export const cylinderShareLeft = (biot: number, fourier: number): number =>
  cylinderRoots(biot, 20).reduce((sum, x) => {
    const [j0, j1] = [besselJ(0, x), besselJ(1, x)];
    return sum + ((2 / x) * j1 * exp(-x * x * fourier)) / (j0 * j0 + j1 * j1);
  }, 0);

/** Complementary error function (Abramowitz & Stegun 7.1.26, to 1.5e-7). */
export const erfc = (x: number): number => {
  const t = 1 / (1 + 0.3275911 * abs(x));
  const poly =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const value = poly * exp(-x * x);
  return x >= 0 ? value : 2 - value;
};

/** Share of the difference reached at a depth in a half-space behind a contact (C & J 2.7). */
export const halfSpaceShare = (
  depth: number,
  seconds: number,
  diffusivity: number,
  conductivity: number,
  h: number,
): number => {
  const root = sqrt(diffusivity * seconds);
  const a = depth / (2 * root);
  const b = (h * root) / conductivity;
  return erfc(a) - exp((h * depth) / conductivity + b * b) * erfc(a + b);
};
