// Jest asks its sandbox for every global; the solver asks for these in every step, so they are handed in.
const SANDBOX_GLOBALS = ['Math', 'Number', 'Infinity', 'Float64Array', 'Array', 'Object'];

// A zone whose clocks change, whatever the machine's: dates are tested across the change.
process.env.TZ = 'Europe/Berlin';

const nodeProject = (name, root) => ({
  displayName: name,
  rootDir: root,
  testEnvironment: 'node',
  sandboxInjectedGlobals: SANDBOX_GLOBALS,
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  setupFiles: [require.resolve('./tooling/jestSeed.cjs')],
  transform: { '^.+\\.(ts|mjs|js)$': require.resolve('./tooling/jestEsbuild.cjs') },
});

module.exports = {
  // A bound against hanging, not a measure of speed: two busy cores are slow.
  testTimeout: 60_000,
  projects: [
    nodeProject('core', './packages/core'),
    nodeProject('server', './apps/server'),
    nodeProject('cli', './apps/cli'),
    './apps/app',
  ],
};
