// Jest transform for the rooms without React: esbuild keeps classes and typed-array loops as they
// are, where a preset for old browsers makes the solver ten times slower.
const { transformSync } = require('esbuild');

module.exports = {
  process: (source, filename) => {
    const { code, map } = transformSync(source, {
      sourcefile: filename,
      loader: filename.endsWith('.json') ? 'json' : 'ts',
      format: 'cjs',
      target: 'node20',
      sourcemap: 'external',
    });
    return { code, map };
  },
};
