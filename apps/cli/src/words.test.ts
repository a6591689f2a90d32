import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from '@jest/globals';
import { argumentsOf } from '@crustan/messages/argumentsOf';
import { cli } from '@crustan/messages/en/cli';
import { cli as cliEs } from '@crustan/messages/es/cli';
import { t } from './words';

describe('the messages of the command line', () => {
  it('have the same arguments in Spanish', () => {
    for (const [id, message] of Object.entries(cliEs)) {
      const english = Object.entries(cli).find(([one]) => one === id)?.[1] ?? '';
      expect([id, argumentsOf(message)]).toEqual([id, argumentsOf(english)]);
    }
  });

  it('are all used', () => {
    const sources = readdirSync(__dirname, { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
      .map((file) => readFileSync(path.join(__dirname, file), 'utf8'));
    const used = new Set(
      sources.flatMap((text) => [...text.matchAll(/\bt\(\s*'([a-z-]+)'/g)].map(([, id]) => id)),
    );
    expect(Object.keys(cli).filter((id) => !used.has(id))).toEqual([]);
  });

  it('contain their values', () => {
    expect(t('line-is-not-json', { line: '3', why: 'x' })).toMatch(/3.*: x$/);
  });
});
