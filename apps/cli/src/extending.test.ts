import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from '@jest/globals';
import { build } from 'esbuild';
import ts from 'typescript';
import { z } from 'zod';
import { NOT_DEEP } from '@crustan/core/tests';

const ROOT = path.resolve(__dirname, '../../..');
const PAGE = readFileSync(path.join(ROOT, 'docs/extending.md'), 'utf8');

/** Rows of one section of the page, by file: the line that each stands behind, and its text. */
interface Row {
  readonly file: string;
  readonly after: string;
  readonly text: string;
}

const rowsOf = (section: string): readonly Row[] => {
  const [, rest = ''] = PAGE.split(`\n## ${section}`);
  const [, code = ''] = rest.split(/```(?:ts)?\n/);
  return code.split(/^\/\/ /m).flatMap((part) => {
    const found = /^(\S+), after "(.*)"\n([\s\S]*)$/.exec(part);
    const [, file, after, text] = found ?? [];
    return file !== undefined && after !== undefined && text !== undefined
      ? [{ file: path.join(ROOT, file), after, text }]
      : [];
  });
};

/** Sources with rows added, by file. */
const withRows = (rows: readonly Row[]): ReadonlyMap<string, string> => {
  const texts = new Map<string, string>();
  for (const { file, after, text } of rows) {
    const before = texts.get(file) ?? readFileSync(file, 'utf8');
    const parts = before.split(after);
    expect([after, parts.length]).toEqual([after, 2]);
    texts.set(file, parts.join(`${after}\n${text}`));
  }
  return texts;
};
const filesOf = (rows: readonly Row[]): number => new Set(rows.map(({ file }) => file)).size;

const ROWS = {
  cut: rowsOf('A cut: one file'),
  method: rowsOf('A method: three files'),
  step: rowsOf('A step: two files'),
};
/** The generated table has a row for each method: `npm run estimate-effects`. */
const GENERATED: Row = {
  file: path.join(ROOT, 'packages/core/src/plan/ranges/estimateEffects.ts'),
  after: '> = {',
  text: "'board-finish': {},",
};

/** Plans the new cut by the new method, and names the new step. */
const ENTRY = `
import { CUTS } from '../../packages/core/src/food/cuts';
import { PRESS_KINDS } from '../../packages/core/src/cook/press';
import { planWay } from '../../packages/core/src/plan';
import { STEAK } from '../../packages/core/src/tests/steak';
import { DEFAULT_PAN } from '../../packages/core/src/gear';
const { thickness, weight, target } = CUTS['bison-strip'];
const request = { ...STEAK, cut: 'bison-strip', thickness, weight, target, way: 'board-finish' };
const plans = [];
for (const update of planWay(request, { pan: DEFAULT_PAN })) {
  if (update?.kind === 'plan') plans.push(update.plan.peakCore - target);
}
export const result = { off: plans.at(-1), steps: PRESS_KINDS.includes('basted') };
`;
const resultSchema = z.object({ result: z.object({ off: z.number(), steps: z.boolean() }) });

describe('a made-up addition', () => {
  it('touches one file for a cut, three for a method, two for a step', () => {
    expect([filesOf(ROWS.cut), filesOf(ROWS.method), filesOf(ROWS.step)]).toEqual([1, 3, 2]);
  });

  it('is planned by the core: the new cut by the new method', async () => {
    const texts = withRows([...ROWS.cut, ...ROWS.method, ...ROWS.step, GENERATED]);
    const { outputFiles } = await build({
      stdin: { contents: ENTRY, resolveDir: path.join(ROOT, 'apps/cli'), loader: 'ts' },
      bundle: true,
      write: false,
      format: 'cjs',
      platform: 'node',
      plugins: [
        {
          name: 'rows',
          setup: ({ onLoad }) =>
            onLoad({ filter: /\.ts$/ }, ({ path: file }) => {
              const contents = texts.get(file);
              return contents === undefined ? undefined : { contents, loader: 'ts' };
            }),
        },
      ],
    });
    const made = { exports: {} };
    // The bundle consists of this project's own sources.
    new Function('module', 'exports', 'require', outputFiles[0]?.text ?? '')(
      made,
      made.exports,
      require,
    );
    const { result } = resultSchema.parse(made.exports);
    expect(result.steps).toBe(true);
    expect(Math.abs(result.off)).toBeLessThan(0.5);
  });

  (NOT_DEEP ? it.skip : it)(
    'compiles with the rows of the page, and not without one of them',
    () => {
      const whole = [...ROWS.cut, ...ROWS.method, ...ROWS.step, GENERATED];
      const errorsWith = (rows: readonly Row[]): readonly string[] => {
        const texts = withRows(rows);
        const config = ts.readConfigFile(
          path.join(ROOT, 'apps/app/tsconfig.json'),
          ts.sys.readFile,
        );
        const { options, fileNames } = ts.parseJsonConfigFileContent(
          config.config,
          ts.sys,
          path.join(ROOT, 'apps/app'),
        );
        const host = ts.createCompilerHost(options);
        const read = host.readFile.bind(host);
        const asked = host.getSourceFile.bind(host);
        host.readFile = (file) => texts.get(path.resolve(file)) ?? read(file);
        host.getSourceFile = (file, ...more) => {
          const text = texts.get(path.resolve(file));
          return text === undefined
            ? asked(file, ...more)
            : ts.createSourceFile(file, text, more[0]);
        };
        const program = ts.createProgram(
          fileNames,
          {
            ...options,
            noEmit: true,
            composite: false,
            declaration: false,
            emitDeclarationOnly: false,
            // The core's sources are read here too, and have it off.
            noUncheckedIndexedAccess: false,
          },
          host,
        );
        return program
          .getSourceFiles()
          .filter(({ fileName }) => !fileName.includes('node_modules'))
          .flatMap((file) => program.getSemanticDiagnostics(file))
          .map(
            ({ file, messageText }) =>
              `${file?.fileName ?? ''}: ${ts.flattenDiagnosticMessageText(messageText, ' ')}`,
          );
      };
      expect(errorsWith(whole)).toEqual([]);
      const words = whole.filter(({ file }) => !file.includes('/words/'));
      expect(errorsWith(words).filter((error) => error.includes('/words/')).length).toBeGreaterThan(
        2,
      );
    },
    600_000,
  );
});
