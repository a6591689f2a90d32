/** Packages that are written as modules. */
const esModules =
  'idb|immer|@reduxjs/toolkit|react-redux|reselect|redux|redux-thunk|d3-.*|internmap|chevrotain|intl-messageformat|@formatjs';

module.exports = {
  displayName: 'app',
  preset: 'jest-expo/web',
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  // As for the rooms without React: see the root's configuration.
  sandboxInjectedGlobals: ['Math', 'Number', 'Infinity', 'Float64Array'],
  testEnvironment: '<rootDir>/jestEnvironment.cjs',
  moduleNameMapper: {
    // The web target, as the Babel preset has it.
    '^react-native$': '<rootDir>/../../node_modules/react-native-web',
    // It has no entry for CommonJS, and its parts are many.
    '^chevrotain$': '<rootDir>/../../node_modules/chevrotain/lib/chevrotain.mjs',
  },
  transform: {
    // Tests need Babel, which moves their mocks before their imports, and so do packages with Flow. Esbuild is faster.
    [[
      'packages/(core|messages)/src/.+\\.ts$',
      'apps/app/src/(?!.*\\.test\\.).+\\.tsx?$',
      'node_modules/(?!react-native/|@react-native/).+\\.js$',
      '\\.mjs$',
    ].join('|')]: require.resolve('../../tooling/jestEsbuild.cjs'),
  },
  setupFiles: ['react-native-css-interop/dist/runtime/components', '../../tooling/jestSeed.cjs'],
  setupFilesAfterEnv: ['<rootDir>/jestAfterEnv.cjs'],
  transformIgnorePatterns: [
    `/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|react-navigation|nativewind|${esModules}))`,
  ],
};
