// Import cycles of the packages and apps. `npm test` runs it: the rule of the linter takes minutes for the same.
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { ROOT } from './root.mjs';

const FOLDERS = ['packages/core/src', 'apps/app/src', 'apps/server/src', 'apps/cli/src', 'e2e'];

/**
 * @returns the files that a cycle runs through or leads to, as paths from `root`; imports of types only do not count
 */
export const importCycles = async (root, folders) => {
  const { metafile } = await build({
    entryPoints: folders.flatMap((folder) =>
      readdirSync(path.join(root, folder), { recursive: true })
        .filter((file) => /\.tsx?$/.test(file))
        .map((file) => path.join(folder, file)),
    ),
    absWorkingDir: root,
    outdir: 'none',
    bundle: true,
    write: false,
    metafile: true,
    packages: 'external',
    format: 'esm',
    loader: { '.css': 'empty', '.ttf': 'empty', '.wasm': 'empty' },
    logLevel: 'error',
  });
  const left = new Map(
    Object.entries(metafile.inputs).map(([file, { imports }]) => [
      file,
      imports.filter(({ external }) => !external).map((one) => one.path),
    ]),
  );
  for (let before = -1; before !== left.size;) {
    before = left.size;
    for (const [file, imports] of left) {
      if (!imports.some((one) => left.has(one))) left.delete(file);
    }
  }
  return [...left.keys()];
};

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const found = await importCycles(ROOT, FOLDERS);
  for (const file of found) process.stderr.write(`imports itself: ${file}\n`);
  process.exit(found.length === 0 ? 0 : 1);
}
