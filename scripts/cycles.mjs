// Import cycles of the packages and apps, imports of types included. `npm test` runs it: the rule of the linter takes
// minutes for the same.
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import ts from 'typescript';
import { ROOT } from './root.mjs';

const FOLDERS = ['packages/core/src', 'apps/app/src', 'apps/server/src', 'apps/cli/src', 'e2e'];
const OPTIONS = {
  moduleResolution: ts.ModuleResolutionKind.Bundler,
  module: ts.ModuleKind.ESNext,
  jsx: ts.JsxEmit.ReactJSX,
};

/** @returns the files of cycles, and those between two cycles, as paths from `root` */
export const importCycles = (root, folders) => {
  const files = folders.flatMap((folder) =>
    readdirSync(path.join(root, folder), { recursive: true })
      .filter((file) => /\.tsx?$/.test(file))
      .map((file) => path.join(root, folder, file)),
  );
  const own = new Set(files);
  const cache = ts.createModuleResolutionCache(root, (name) => name, OPTIONS);
  const importsOf = (file) =>
    ts.preProcessFile(readFileSync(file, 'utf8')).importedFiles.flatMap(({ fileName }) => {
      if (!fileName.startsWith('.') && !fileName.startsWith('@crustan/')) return [];
      const { resolvedModule } = ts.resolveModuleName(fileName, file, OPTIONS, ts.sys, cache);
      const found = resolvedModule?.resolvedFileName;
      return found !== undefined && own.has(found) ? [found] : [];
    });
  const left = new Map(files.map((file) => [file, importsOf(file)]));
  for (let before = -1; before !== left.size;) {
    before = left.size;
    const imported = new Set([...left.values()].flat());
    for (const [file, imports] of left) {
      if (!imported.has(file) || !imports.some((one) => left.has(one))) left.delete(file);
    }
  }
  return [...left.keys()].map((file) => path.relative(root, file));
};

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const found = importCycles(ROOT, FOLDERS);
  for (const file of found) process.stderr.write(`imports itself: ${file}\n`);
  process.exit(found.length === 0 ? 0 : 1);
}
