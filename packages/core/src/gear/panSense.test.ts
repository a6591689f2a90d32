import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN } from './pan';
import { panSense } from './panSense';

describe('the pan’s sense', () => {
  it('says how long a cool pan needs, and warns before the fat smokes', () => {
    const cool = panSense(160, 215, 'groundnut', DEFAULT_PAN);
    expect(cool).toMatchObject({ kind: 'cool', under: 55 });
    if (cool.kind === 'cool') expect(cool.seconds).toBeGreaterThan(20);
    expect(panSense(210, 215, 'groundnut', DEFAULT_PAN).kind).toBe('right');
    expect(panSense(220, 215, 'groundnut', DEFAULT_PAN)).toEqual({ kind: 'smoke', margin: 5 });
  });
});
