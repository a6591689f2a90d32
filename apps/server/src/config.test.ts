import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { environmentSchema, readConfig } from './config';

describe('configuration of the server', () => {
  it('has defaults', () => {
    expect(readConfig(['node', 'main.js'], {}, '/data')).toMatchObject({
      ok: true,
      config: { lan: false, demo: false, host: '127.0.0.1', port: 4680, folder: '/data/own' },
    });
    expect(
      readConfig(['--demo', '--lan'], { CRUSTAN_HOSTS: ' a.lan, b.home ,' }, '/d'),
    ).toMatchObject({
      ok: true,
      config: { demo: true, lan: true, folder: '/d/demo', hosts: ['a.lan', 'b.home'] },
    });
  });

  it.each([
    ['CRUSTAN_PORT', 'stove', /CRUSTAN_PORT is "stove"; it must be a port/],
    ['CRUSTAN_LAN_PORT', '70000', /must be a port from 1 to 65535/],
    ['CRUSTAN_LOG', 'loud', /must be one of debug/],
    ['CRUSTAN_BACKUPS', '-1', /must be a number of days/],
  ])('says what is wrong with %s=%s', (name, value, says) => {
    const read = readConfig([], { [name]: value }, '/data');
    expect(read.ok ? '' : read.why).toMatch(says);
  });

  it('is complete in the table of the README', () => {
    const readme = readFileSync(path.join(__dirname, '../../../README.md'), 'utf8');
    for (const name of Object.keys(environmentSchema.shape))
      expect(readme).toContain(`\`${name}\``);
  });
});
