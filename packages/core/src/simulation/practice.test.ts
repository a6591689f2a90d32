import { describe, expect, it } from '@jest/globals';
import { DEFAULT_PAN } from '../gear';
import { STEAK } from '../tests';
import { hiddenKitchen, lyingThermometer } from './hiddenKitchen';
import { PracticeKitchen } from './practiceKitchen';
import { apartLoss, bestCook, practiceScore } from './practiceScore';

describe('practice', () => {
  const request = { ...STEAK, thickness: 0.028, weight: 0.32 };
  const hidden = hiddenKitchen(12);
  /** A cook who preheats, turns and pulls at the given times. */
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
    expect(hot.sounds).toContain('fierce');
    expect(cold.sounds).not.toContain('fierce');
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

  it('may begin in the middle: a piece that stews in a pan too cool, taken out and laid in anew', () => {
    const start = { pan: 120, burner: 0.2, place: 'pan' } as const;
    const kitchen = new PracticeKitchen(request, hidden, DEFAULT_PAN, 180, start);
    kitchen.follow(5);
    expect(kitchen.senses()).toMatchObject({ place: 'pan', sound: 'silence' });
    kitchen.move('board');
    kitchen.setBurner(1);
    kitchen.follow(240);
    expect(kitchen.senses().loudness).toBe(0);
    kitchen.move('pan');
    kitchen.follow(2);
    expect(kitchen.senses().loudness).toBeGreaterThan(0.5);
  });

  it('has an oven whose dial is turned, and whose walls take their time', () => {
    const kitchen = new PracticeKitchen(request, hidden, DEFAULT_PAN, 120, { place: 'oven' });
    const settled = 120 + hidden.oven;
    kitchen.follow(60);
    kitchen.setOven(180);
    kitchen.follow(60);
    expect(kitchen.oven.air).toBeLessThan(settled + 45);
    kitchen.follow(1500);
    expect(Math.abs(kitchen.oven.air - (180 + hidden.oven))).toBeLessThan(25);
  });

  it('has a thermometer that lies by as much in ice as in the meat', () => {
    for (const seed of [1, 2, 3, 4]) {
      const reads = lyingThermometer(seed);
      expect(Math.abs(reads)).toBeGreaterThanOrEqual(3);
      const kitchen = new PracticeKitchen(request, hidden, DEFAULT_PAN, 180, { reads });
      expect(kitchen.read('ice')).toBeCloseTo(reads, 9);
      expect(kitchen.read('middle') - kitchen.core).toBeCloseTo(reads, 9);
    }
  });

  it('takes points where pieces for one plate come out apart', () => {
    expect(apartLoss([300])).toBeUndefined();
    expect(apartLoss([300, 350])).toBeUndefined();
    expect(apartLoss([300, 480])).toMatchObject({ on: 'apart', seconds: 180, points: 10 });
    expect(apartLoss([0, 5000])).toMatchObject({ points: 30 });
  });

  it('of a piece on its skin judges the skin', () => {
    const onSkin = { ...request, cut: 'salmon-skin-on', way: 'skin-down', target: 50 } as const;
    const result = {
      peak: 50,
      browning: [2, 0.1],
      greyBand: 0.004,
      butter: 'none',
      panAtIn: 215,
      pulledAt: 300,
    } as const;
    const { lost } = practiceScore(onSkin, hidden, result, DEFAULT_PAN);
    expect(lost.filter(({ on }) => on === 'pale' || on === 'uneven')).toEqual([]);
  });
});
