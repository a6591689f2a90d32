// Jest compiles this file and all that it imports into one: the solver runs several times as fast (jestEsbuild.cjs).
export { runToEnd } from '@crustan/core/maths';
export { judgeTimes, planWay } from '@crustan/core/plan';
export { planOf, slicedPlanOf, STEAK } from '@crustan/core/tests';
