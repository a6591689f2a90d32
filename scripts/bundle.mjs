import path from 'node:path';
import { projectRequire } from './ensureInstalled.mjs';
import { ROOT } from './root.mjs';

/** Packages stay outside the bundle; the workspaces' own code goes in. */
const packagesOutside = {
  name: 'packages-outside',
  setup: (build) => {
    build.onResolve({ filter: /^[^./]/ }, ({ path: name, kind }) =>
      kind === 'entry-point' || name.startsWith('@crustan/') ? undefined : { external: true },
    );
  },
};

/**
 * Bundles a TypeScript entry for Node.
 * @param plugins in addition to the default one
 */
export const bundle = (entry, outfile, ...plugins) =>
  projectRequire('esbuild').build({
    entryPoints: [path.join(ROOT, entry)],
    outfile: path.isAbsolute(outfile) ? outfile : path.join(ROOT, outfile),
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    sourcemap: 'inline',
    logLevel: 'warning',
    plugins: [...plugins, packagesOutside],
  });
