import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN } from '../gear';
import { STEAK } from '../tests';
import { hiddenKitchen } from './hiddenKitchen';
import { PracticeKitchen } from './practiceKitchen';
import { bestCook, practiceScore } from './practiceScore';

describe('practice', () => {
  const request = { ...STEAK, thickness: 0.028, weight: 0.32 };
  const hidden = hiddenKitchen(12);
  /** A cook who preheats, turns and pulls when told. */
  const cook = (preheat: number, each: number, pullAt: number, burner = 0.5) => {
    const kitchen = new PracticeKitchen(request, hidden, DEFAULT_PAN, 180);
    kitchen.setBurner(1);
    kitchen.follow(preheat);
    kitchen.setBurner(burner);
    kitchen.move('pan');
    const sounds = new Set<string>();
    for (let t = 0; t < 1200 && kitchen.core < pullAt; t += 5) {
      if (t > 0 && t % each === 0) kitchen.turn();
      kitchen.follow(5);
      sounds.add(kitchen.senses().sound);
    }
    const result = kitchen.finish();
    return { result, sounds, score: practiceScore(request, hidden, result, DEFAULT_PAN) };
  };

  it('hears a hot pan and a cold one apart, and the crust follows', () => {
    const hot = cook(420, 60, 46);
    const cold = cook(40, 60, 46, 0.3);
    expect(hot.sounds).toContain('a fierce crackle');
    expect(cold.sounds).not.toContain('a fierce crackle');
    expect(Math.min(...hot.result.browning)).toBeGreaterThan(Math.min(...cold.result.browning));
    expect(cold.score.lost.some(({ on }) => on === 'pale')).toBe(true);
  });

  it('scores a good pull above a late one, and says by how much', () => {
    const good = cook(420, 60, 46);
    const late = cook(420, 60, 62);
    expect(good.score.score).toBeGreaterThan(late.score.score + 20);
    const over = late.score.lost.find(({ on }) => on === 'over');
    expect(over).toMatchObject({ on: 'over' });
    if (over?.on === 'over') expect(over.by).toBeCloseTo(late.result.peak - request.target, 6);
    expect(good.score.best?.plan.peakCore).toBeCloseTo(request.target, 0);
  });

  it('knows a best cook in every kitchen, by a less hot pan where the asked one burns it', () => {
    const best = Array.from({ length: 12 }, (_, seed) =>
      bestCook(request, hiddenKitchen(seed), DEFAULT_PAN),
    );
    for (const known of best) expect(known?.plan.peakCore).toBeCloseTo(request.target, 0);
    expect(best.some((known) => known?.pan === request.pan)).toBe(true);
    const hotter = { ...request, pan: 290 };
    const pans = [1, 2, 3].map((seed) => bestCook(hotter, hiddenKitchen(seed), DEFAULT_PAN)?.pan);
    expect(Math.min(...pans.map((pan) => pan ?? NaN))).toBeLessThan(hotter.pan);
  });

  it('burns butter left in a pan on full', () => {
    const kitchen = new PracticeKitchen(request, hidden, DEFAULT_PAN, 180);
    kitchen.setBurner(1);
    kitchen.follow(400);
    kitchen.addButter();
    expect(kitchen.butter).toBe('foaming');
    kitchen.follow(120);
    expect(kitchen.butter).toBe('burnt');
    expect(kitchen.senses().smoke).toBe('thick');
  });
});
