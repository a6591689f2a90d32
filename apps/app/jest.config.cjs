const esModules =
  'idb|immer|@reduxjs/toolkit|react-redux|reselect|redux|redux-thunk|d3-.*|internmap';

module.exports = {
  displayName: 'app',
  preset: 'jest-expo/web',
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  testEnvironment: '<rootDir>/jestEnvironment.cjs',
  transform: { '\\.mjs$': 'babel-jest' },
  setupFiles: ['react-native-css-interop/dist/runtime/components', '../../tooling/jestSeed.cjs'],
  setupFilesAfterEnv: ['<rootDir>/jestAfterEnv.cjs'],
  transformIgnorePatterns: [
    `/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|react-navigation|nativewind|${esModules}))`,
  ],
};
