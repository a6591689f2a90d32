import { MEANING_IDS, MEANINGS, type MeaningText } from './meanings';

const HEAD = `# Figures

The figures that users see most: meaning, functions, equation, source and range. The app shows the same texts when a
figure is tapped; \`npm run figures\` writes this page from them. Equations are in [heat-model.md](heat-model.md),
comparisons with other evidence in [validation.md](validation.md). Paths are below \`packages/core/src\`.
`;

const COLUMNS = ['figure', 'meaning', 'functions', 'equation', 'source', 'range'] as const;
const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;

/** The page docs/figures.md, in Markdown: a row for each figure. */
export const figuresPage = (): string => {
  const rows = MEANING_IDS.flatMap((id) => {
    const { word, means, figure }: MeaningText = MEANINGS[id];
    if (!figure) return [];
    const functions = figure.functions.map(([file, name]) => `\`${file}\` \`${name}\``).join(', ');
    return [row([word, means, functions, figure.equation, figure.source, figure.range])];
  });
  return `${HEAD}\n${[row(COLUMNS), row(COLUMNS.map(() => '---')), ...rows].join('\n')}\n`;
};
