module.exports = (api) => {
  const testing = api.env('test');
  return {
    presets: [['babel-preset-expo', { jsxImportSource: 'nativewind' }], 'nativewind/babel'],
    plugins: testing ? [require.resolve('../../tooling/importAsRequire.cjs')] : [],
  };
};
