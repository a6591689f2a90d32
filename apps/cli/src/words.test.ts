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

  it('contain their values', () => {
    expect(t('line-is-not-json', { line: '3', why: 'x' })).toMatch(/3.*: x$/);
  });
});
