import { fireEvent, screen, waitFor } from '@testing-library/react';
import {
  practiceResultSchema,
  type PracticeResultRecord,
} from '@crustan/core/formats/practiceSchema';
import { RIGHT_WITHIN } from '@crustan/core/simulation/callBias';
import { drawnCard } from '@crustan/core/simulation/drillCard';
import { cutOf } from '@crustan/core/plan/request';
import { waysFor, WAY_TRAITS } from '@crustan/core/plan/way';
import { answerWith, json } from '../../../fakeServer';
import { renderWithStore } from '../../../renderWithStore';
import { uuid } from '../../../testing';
import { showIn } from '../../../words/show';
import { drillName, latestCalls } from '../../../store/latestCalls';
import { bestOf } from './courseProgress';
import { Drill } from './Drill';
import { describeBias, describeDrillRecord } from './drillWords';
import { LESSONS } from './lessons';

const mockCard = drawnCard;
jest.mock('../../../workers/liveWorker', () => ({
  liveWorker: () => ({
    card: (kind: 'touch' | 'pan', seed: number) => Promise.resolve(mockCard(kind, seed)),
  }),
}));

const show = showIn('metric');
const result = (n: number, more: Partial<PracticeResultRecord>): PracticeResultRecord => ({
  id: uuid(n),
  at: n,
  of: 'strip',
  score: 50,
  ...more,
});

describe('the course', () => {
  it('has a way that its piece is offered in every lesson, and spans them', () => {
    const ways = new Set<string>();
    for (const { pieces, oven = false } of LESSONS) {
      for (const { request } of pieces) {
        const { way } = request;
        ways.add(way);
        expect(waysFor(cutOf(request))).toContain(way);
        expect(oven).toBe(WAY_TRAITS[way].oven !== undefined);
      }
    }
    expect([...ways].toSorted()).toEqual([
      'cold-pan',
      'often',
      'once',
      'oven-sear',
      'sear-oven',
      'skin-down',
    ]);
    expect(new Set(LESSONS.map(({ id }) => id)).size).toBe(LESSONS.length);
  });

  it('knows the best of each lesson, and the latest calls of each drill', () => {
    const calls = Array.from({ length: 30 }, (_, i) => ({ called: 50 + i, was: 50 }));
    const results = [
      result(1, { score: 61 }),
      result(2, { score: 84 }),
      result(3, { score: 70 }),
      result(4, { of: drillName('touch'), calls }),
      result(5, { of: drillName('touch'), calls }),
    ];
    expect(bestOf(results, 'strip')).toBe(84);
    expect(bestOf(results, 'two')).toBeUndefined();
    expect(latestCalls(results, 'touch')).toHaveLength(40);
    expect(latestCalls(results, 'pan')).toEqual([]);
    expect(describeDrillRecord('pan', results, show)).toBeUndefined();
    expect(describeDrillRecord('touch', results, show)).toMatch(/hotter than it is/);
  });

  it('says which way calls lean and what mends it, in the cook’s units', () => {
    const found = { calls: 8, right: 0.5, bias: -3, spread: 2 };
    expect(describeBias('touch', found, show)).toBe(
      '4 of 8 right. You take it for 3.0 °C cooler than it is: take it off a little before your sense says.',
    );
    expect(describeBias('pan', { ...found, bias: 20 }, showIn('imperial'))).toMatch(
      /^4 of 8 right\. You take the pan for 36.0 °F hotter/,
    );
    expect(describeBias('slice', { ...found, bias: 0.4 }, show)).toMatch(/lean neither way/);
  });
});

describe('a round of a drill', () => {
  it.each(['touch', 'pan'] as const)('%s: eight calls, told one by one, and kept', async (kind) => {
    const asked = answerWith(({ body }) => json(body ?? {}));
    renderWithStore(<Drill kind={kind} onDone={() => undefined} />);
    const calls = await waitFor(() => {
      const group = screen.getByRole('group', { name: 'Your call' });
      const buttons = [...group.querySelectorAll('[role="button"]')];
      expect(buttons.length).toBeGreaterThan(3);
      return buttons.length;
    });
    expect(calls).toBeLessThanOrEqual(7);
    for (let n = 0; n < 8; n += 1) {
      const call = await waitFor(() => {
        const group = screen.getByRole('group', { name: 'Your call' });
        const first = group.querySelector('[role="button"]');
        if (!first) throw new Error('no call yet');
        return first;
      });
      fireEvent.click(call);
      const told = screen.getByTestId('drill-asks').textContent ?? '';
      expect(told).toMatch(/Right\.$|too (hot|cool)\.$/);
      fireEvent.click(screen.getByText(n === 7 ? 'How you call' : 'Next'));
    }
    expect(await screen.findByTestId('drill-verdict')).toBeTruthy();
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]?.method).toBe('PUT');
    const { calls: said = [], score, of } = practiceResultSchema.parse(asked[0]?.body);
    expect(of).toBe(`drill-${kind}`);
    expect(said).toHaveLength(8);
    const right = said.filter(({ called, was }) => Math.abs(called - was) <= RIGHT_WITHIN[kind]);
    expect(score).toBe(Math.round((100 * right.length) / 8));
  });
});
