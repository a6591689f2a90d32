const esModules =
  'idb|immer|@reduxjs/toolkit|react-redux|reselect|redux|redux-thunk|d3-.*|internmap|chevrotain';

module.exports = {
  displayName: 'app',
  preset: 'jest-expo/web',
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  testEnvironment: '<rootDir>/jestEnvironment.cjs',
  // It has no entry for CommonJS, and its parts are many.
  moduleNameMapper: {
    '^chevrotain$': '<rootDir>/../../node_modules/chevrotain/lib/chevrotain.mjs',
  },
  transform: { '\\.mjs$': 'babel-jest' },
  setupFiles: ['react-native-css-interop/dist/runtime/components', '../../tooling/jestSeed.cjs'],
  setupFilesAfterEnv: ['<rootDir>/jestAfterEnv.cjs'],
  transformIgnorePatterns: [
    `/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|react-navigation|nativewind|${esModules}))`,
  ],
};
