import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fireEvent, screen } from '@testing-library/react';
import { renderWithStore } from '../../renderWithStore';
import { FigureLines } from './FigureLines';
import { figuresPage } from './figuresPage';
import { MEANING_IDS, MEANINGS, type MeaningText } from './meanings';
import { Terms } from './Terms';
import { Words } from './Words';

const ROOT = path.resolve(__dirname, '../../../../..');
const read = (file: string): string => readFileSync(path.join(ROOT, file), 'utf8');
const FIGURES = MEANING_IDS.flatMap((id) => {
  const { word, figure }: MeaningText = MEANINGS[id];
  return figure ? [{ id, word, figure }] : [];
});

/** Text without the alignment of a formatted table. */
const plain = (markdown: string): string => markdown.replaceAll(/[ -]+/g, ' ').trim();

describe('the figures that users see most', () => {
  it('are at least twenty, and docs/figures.md contains their texts', () => {
    expect(FIGURES.length).toBeGreaterThanOrEqual(20);
    expect(plain(read('docs/figures.md'))).toBe(plain(figuresPage()));
  });

  it.each(FIGURES)('$word names functions that exist', ({ figure }) => {
    for (const [file, name] of figure.functions) {
      const source = `packages/core/src/${file}.ts`;
      expect(existsSync(path.join(ROOT, source))).toBe(true);
      expect(read(source)).toMatch(
        new RegExp(`^export (const|class|function\\*?) ${name}\\b`, 'm'),
      );
    }
  });

  it('show equation, source, uncertainty and function when they are tapped', () => {
    renderWithStore(<Terms of={['loss', 'way']} />);
    fireEvent.click(screen.getByRole('button', { name: 'Loss: what is it?' }));
    for (const label of ['Calculation', 'Source', 'Uncertainty', 'Code']) {
      expect(screen.getByText(new RegExp(`^${label}: `))).toBeTruthy();
    }
    expect(screen.getByText(/^Uncertainty: 3 points/)).toBeTruthy();
    // A word that is not a figure has a meaning only.
    fireEvent.click(screen.getByRole('button', { name: 'Method: what is it?' }));
    expect(screen.queryByText(/^Calculation: /)).toBeNull();
  });

  it('show their origin in the list of words, one at a time', () => {
    renderWithStore(<Words />);
    const open = (word: string) =>
      fireEvent.click(screen.getByRole('button', { name: `${word}: how it is calculated` }));
    open('Thaw');
    expect(screen.getByText(/^Calculation: Enthalpy/)).toBeTruthy();
    open('Window');
    expect(screen.queryByText(/^Calculation: Enthalpy/)).toBeNull();
    expect(screen.getAllByText(/^Calculation: /)).toHaveLength(1);
  });

  it('have no lines for a word that is not a figure', () => {
    const { container } = renderWithStore(<FigureLines of="baste" />);
    expect(container.textContent).toBe('');
  });
});
