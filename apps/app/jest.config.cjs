const esModules =
  'idb|immer|@reduxjs/toolkit|react-redux|reselect|redux|redux-thunk|d3-.*|internmap|chevrotain|intl-messageformat|@formatjs';

module.exports = {
  displayName: 'app',
  preset: 'jest-expo/web',
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  // As for the rooms without React: see the root's configuration.
  sandboxInjectedGlobals: ['Math', 'Number', 'Infinity', 'Float64Array'],
  testEnvironment: '<rootDir>/jestEnvironment.cjs',
  // It has no entry for CommonJS, and its parts are many.
  moduleNameMapper: {
    '^chevrotain$': '<rootDir>/../../node_modules/chevrotain/lib/chevrotain.mjs',
  },
  transform: {
    // The core has neither React nor old browsers to think of.
    'packages/(core|messages)/src/.+\\.ts$|\\.bundle\\.ts$|\\.mjs$':
      require.resolve('../../tooling/jestEsbuild.cjs'),
  },
  setupFiles: ['react-native-css-interop/dist/runtime/components', '../../tooling/jestSeed.cjs'],
  setupFilesAfterEnv: ['<rootDir>/jestAfterEnv.cjs'],
  transformIgnorePatterns: [
    `/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|react-navigation|nativewind|${esModules}))`,
  ],
};
