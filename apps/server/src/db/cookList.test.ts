import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import type { CutId } from '@crustan/core/food';
import type { CookSearch, Judgement } from '@crustan/core/formats';
import type { PlanRequest } from '@crustan/core/plan';
import { newId, planRecord, T0, temporaryBook } from '../testing';
import { listCooks } from './cookList';
import { cookStore } from './cookStore';

describe('the search of the logbook', () => {
  let temporary: ReturnType<typeof temporaryBook>;
  beforeEach(() => {
    temporary = temporaryBook();
  });
  afterEach(() => temporary.remove());

  it('finds cooks by thickness, weight, planned end, what was judged, and how they ended', () => {
    const store = cookStore(temporary.book);
    const keep = (
      cut: CutId,
      more: Partial<PlanRequest>,
      judgement: Judgement,
      title = 'A cook',
    ): string => {
      const id = newId();
      const record = planRecord(title);
      const request = { ...record.plan.request, cut, ...more };
      store.start(id, { ...record, plan: { ...record.plan, request } }, T0);
      store.judge(id, judgement, T0);
      return id;
    };
    const hot = keep('ribeye', { thickness: 0.045, target: 55 }, { endTemperature: 60, notes: '' });
    const seen = keep(
      'lamb-chop',
      { thickness: 0.03, target: 50, weight: 0.2 },
      { doneness: 'medium-rare', tenderness: 'tough', notes: '' },
    );
    const right = keep(
      'strip-steak',
      { thickness: 0.03, target: 56, weight: 0.4 },
      { endTemperature: 55, seasoning: 'too-much', notes: 'like a ribeye' },
    );
    const unsaid = keep('duck-breast', { thickness: 0.02, target: 57 }, { notes: '' });
    const found = (search: CookSearch): readonly string[] =>
      listCooks(temporary.book, search)
        .cooks.map(({ id }) => id)
        .toSorted();
    expect(found({ ended: 'too-done' })).toEqual([hot, seen].toSorted());
    expect(found({ ended: 'as-planned' })).toEqual([right]);
    expect(found({ ended: 'under-done' })).toEqual([]);
    expect(found({ thicknessFrom: 0.04, ended: 'too-done', cut: 'ribeye' })).toEqual([hot]);
    expect(found({ thicknessTo: 0.02 })).toEqual([unsaid]);
    expect(found({ weightFrom: 0.35, weightTo: 0.45 })).toContain(right);
    expect(found({ doneness: 'rare' })).toEqual([seen]);
    expect(found({ doneness: 'medium-rare' })).toEqual([hot, right, unsaid].toSorted());
    expect(found({ tenderness: 'tough' })).toEqual([seen]);
    expect(found({ seasoning: 'too-much' })).toEqual([right]);
    // A note that has the piece's name answers too.
    expect(found({ cut: 'ribeye', named: 'ribeye' })).toEqual([hot, right].toSorted());
  });
});
