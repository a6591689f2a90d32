// Jest transform without React: a test, or a `.bundle.ts`, and all that it imports of this project become one file.
// Calls across the files of a bundle are plain calls, which the engine inlines: the solver runs three times as
// fast as with a getter per import, and a preset for old browsers would make it ten times slower again.
const { createHash } = require('node:crypto');
const { readdirSync, readFileSync, statSync } = require('node:fs');
const path = require('node:path');
const { buildSync, transformSync } = require('esbuild');

const ROOT = path.dirname(require.resolve('../package.json'));
/** Sources that a bundle may hold. */
const SOURCES = ['packages/core/src', 'packages/messages/src', 'apps/server/src', 'apps/cli/src'];
/** Packages without an entry for CommonJS: they are bundled too. */
const MODULES_ONLY = new Set(['d3-random', 'chevrotain']);

const LOADERS = { '.json': 'json', '.mjs': 'js', '.js': 'js', '.ts': 'ts', '.tsx': 'tsx' };
const options = {
  format: 'cjs',
  target: 'node20',
  sourcemap: 'external',
  // As the app's Babel preset compiles it.
  jsx: 'automatic',
  jsxImportSource: 'nativewind',
};

const dependenciesOf = (folder) => {
  const { dependencies, devDependencies } = require(path.join(ROOT, folder, 'package.json'));
  return Object.keys({ ...dependencies, ...devDependencies });
};
/** What is loaded from node_modules. */
const EXTERNAL = ['.', 'packages/core', 'apps/server', 'apps/cli']
  .flatMap(dependenciesOf)
  .filter((name) => !name.startsWith('@crustan/') && !MODULES_ONLY.has(name));

/** Changes with any source. */
const stateOfSources = () => {
  const hash = createHash('sha1');
  for (const folder of SOURCES) {
    for (const name of readdirSync(path.join(ROOT, folder), { recursive: true }).sort()) {
      const { mtimeMs, size } = statSync(path.join(ROOT, folder, name));
      hash.update(`${name} ${mtimeMs} ${size}\n`);
    }
  }
  return hash.digest('hex');
};
let sources;
/** This file: another way of transforming makes the cached files invalid. */
const OWN = readFileSync(require.resolve('./jestEsbuild.cjs'), 'utf8');

const isBundle = (filename) => /\.(test|bundle)\.ts$/.test(filename);

module.exports = {
  getCacheKey: (source, filename) => {
    if (isBundle(filename)) sources ??= stateOfSources();
    const of = isBundle(filename) ? sources : '';
    return createHash('sha1').update(`${OWN}\n${filename}\n${source}\n${of}`).digest('hex');
  },
  process: (source, filename) => {
    if (isBundle(filename)) {
      const { outputFiles } = buildSync({
        ...options,
        entryPoints: [filename],
        outfile: `${filename}.js`,
        bundle: true,
        write: false,
        platform: 'node',
        external: ['@jest/globals', ...EXTERNAL],
      });
      const [map, code] = outputFiles;
      return { code: code.text, map: map.text };
    }
    const loader = LOADERS[path.extname(filename)];
    const { code, map } = transformSync(source, {
      ...options,
      loader,
      sourcefile: filename,
      // Under Jest there are no modules to import late: import('x') becomes a promise of require('x').
      supported: { 'dynamic-import': false },
    });
    return { code, map };
  },
};
