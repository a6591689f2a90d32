import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { crustColour, crustFrom } from '../../doneness';
import { CUTS, CUT_IDS } from '../../food';
import { DISPLAY_COLUMNS } from '../../heat';
import { DEFAULT_PAN } from '../../gear';
import { NOT_DEEP, planCase, planOf as planned, slicedPlanOf, someOf, STEAK } from '../../tests';
import { promisedCore } from '../legs/carving';
import { crustComplaint, darkestBrowning } from '../legs/crustComplaint';
import { palestBrowning } from '../legs/palestBrowning';
import { planOnSection } from './planOnSection';
import { planWay } from './planWay';
import type { CookPlan, PlanUpdate } from '../legs/planResult';
import type { PlanRequest } from '../request/request';
import { waysFor } from '../request/way';
import { MethodSimulator } from '../legs/methodSimulator';

const itDeep = NOT_DEEP ? it.skip : it;

const THICK: PlanRequest = { ...STEAK, thickness: 0.034, weight: 0.4, pan: 185 };

const updates = (request: PlanRequest, inFull = true): readonly PlanUpdate[] =>
  [...planWay(request, { inFull })].flatMap((update) => (update === null ? [] : [update]));

const find = <K extends PlanUpdate['kind']>(
  list: readonly PlanUpdate[],
  kind: K,
): Extract<PlanUpdate, { kind: K }> | undefined =>
  list.findLast((update): update is Extract<PlanUpdate, { kind: K }> => update.kind === kind);

describe('planWay', () => {
  it('pulls before the target, and the rest carries the core there', () => {
    const plan = planned({ ...STEAK, pan: 230 });
    expect(plan.pullCore).toBeLessThan(STEAK.target - 3);
    expect(Math.abs(plan.peakCore - STEAK.target)).toBeLessThan(0.1);
    expect(plan.sliceCore).toBeCloseTo(STEAK.target, 0);
    expect(plan.turns).toEqual([plan.cookSeconds / 2]);
  });

  it('plans every cut as it usually comes, one way at least', () => {
    for (const cut of someOf(CUT_IDS, 12)) {
      const { thickness, weight, target, pan = 215 } = CUTS[cut];
      const usual = { ...STEAK, cut, thickness, weight, target, pan };
      // The ways in their order from the second: the first is the slowest to plan.
      const [first, ...others] = waysFor(CUTS[cut]);
      const plans = [...others, first].flatMap((way) => (way === undefined ? [] : [way]));
      let planned: CookPlan | undefined;
      for (const way of plans) {
        const found = planCase({ request: { ...usual, way }, pan: DEFAULT_PAN });
        if (found.feasible) planned = found.plan;
        if (planned) break;
      }
      expect([cut, Math.abs((planned ? promisedCore(planned) : NaN) - target) < 0.2]).toEqual([
        cut,
        true,
      ]);
    }
  });

  it('brings a thick steak to the same end every way; the low oven evenest and most forgiving', () => {
    const ways = waysFor(CUTS['strip-steak']).map((way) => {
      const list = updates({ ...THICK, way, crust: 1 }, false);
      const plan = find(list, 'plan')?.plan;
      const window = find(list, 'window')?.window;
      if (!plan || !window) throw new Error(`${way} failed`);
      expect(Math.abs(plan.peakCore - THICK.target)).toBeLessThan(0.3);
      return { way, plan, window: Math.min(window.early, window.late) };
    });
    const of = (way: string) => ways.find((found) => found.way === way) ?? ways[0];
    const [once, reverse] = [of('once'), of('oven-sear')];
    expect(reverse?.plan.greyBand).toBeLessThan((once?.plan.greyBand ?? 0) * 0.7);
    expect(reverse?.window).toBeGreaterThan((once?.window ?? 0) * 1.5);
    expect(reverse?.plan.evenness).toBeGreaterThan(once?.plan.evenness ?? 1);
    expect(reverse?.plan.stoveSeconds).toBeLessThan((once?.plan.stoveSeconds ?? 0) / 3);
    expect(reverse?.plan.cookSeconds).toBeGreaterThan(once?.plan.cookSeconds ?? 0);
    // A surface dried in the oven takes the crust sooner than a raw one.
    const sear = (way: string) => of(way)?.plan.legs.find(({ kind }) => kind === 'sear')?.seconds;
    expect(sear('oven-sear')).toBeLessThan((sear('sear-oven') ?? 0) / 2);
    // The core rises far after a hot pan, less after a low oven and a short sear.
    const rise = ({ peakCore, doneCore }: CookPlan): number => peakCore - doneCore;
    const hot: PlanRequest = { ...THICK, pan: 215, crust: 1 };
    expect(rise(planned(hot))).toBeGreaterThan(rise(planned({ ...hot, way: 'oven-sear' })));
  });

  itDeep('the section agrees with the quick answer in one dimension, within a few per cent', () => {
    for (const way of ['once', 'oven-sear', 'sear-oven'] as const) {
      const plans = updates({ ...THICK, way }).flatMap((u) => (u.kind === 'plan' ? [u.plan] : []));
      // In one dimension, on a few columns, and on as many as are drawn.
      expect(plans).toHaveLength(3);
      const [quick = 0, section = 1, fine = 1] = plans.map(({ cookSeconds }) => cookSeconds);
      expect(Math.abs(quick / section - 1)).toBeLessThan(0.08);
      expect(Math.abs(section / fine - 1)).toBeLessThan(0.02);
    }
  });

  itDeep('a frozen piece says how long it thaws; it is cooked as one that was not', () => {
    const [fresh, thawed] = [STEAK, { ...STEAK, thaw: 'fridge-bag' as const }].map((request) => {
      const found = planOnSection(request);
      if (!found.ok) throw new Error('no plan');
      return found.plan;
    });
    expect(thawed?.cookSeconds).toBe(fresh?.cookSeconds);
    expect(fresh?.thaw).toBeUndefined();
    expect((thawed?.thaw?.seconds ?? NaN) / 3600).toBeGreaterThan(6);
    expect((thawed?.thaw?.seconds ?? NaN) / 3600).toBeLessThan(14);
    expect(thawed?.thaw?.warm).toBe(0);
  });

  it('turning often is quicker and leaves less grey', () => {
    const once = planned(STEAK);
    const often = planned({ ...STEAK, way: 'often' });
    expect(often.cookSeconds).toBeLessThan(once.cookSeconds);
    expect(often.greyBand).toBeLessThan(once.greyBand);
    expect(often.turns[0]).toBe(30);
    expect(planned({ ...STEAK, way: 'often', every: 60 }).turns[0]).toBe(60);
  });

  it('a duck breast renders and browns its skin from a cold pan; its flesh side takes it to the target', () => {
    const { thickness, weight, target, pan = 0 } = CUTS['duck-breast'];
    const plan = planned({
      ...STEAK,
      cut: 'duck-breast',
      thickness,
      weight,
      target,
      pan,
      way: 'cold-pan',
    });
    // As cooks report it: 8 to 13 min on the skin, 2 to 5 min on the flesh, 12 to 18 min in all.
    const [skin, flesh] = plan.legs.map(({ seconds }) => seconds / 60);
    expect(skin).toBeGreaterThanOrEqual(8);
    expect(skin).toBeLessThanOrEqual(13);
    expect(flesh).toBeGreaterThanOrEqual(2);
    expect(flesh).toBeLessThanOrEqual(5);
    expect(plan.cookSeconds / 60).toBeGreaterThanOrEqual(12);
    expect(plan.cookSeconds / 60).toBeLessThanOrEqual(18);
    expect(['golden', 'deep-brown']).toContain(crustColour(plan.browning[0], plan.request));
    expect(palestBrowning(plan)).toBe(plan.browning[0]);
  });

  it('does what is said at the stove: edges, butter, a burner turned down, a loose face', () => {
    const plain = planned(STEAK);
    const edged = planned({ ...STEAK, edges: 'both' });
    expect(edged.legs.map(({ kind }) => kind)).toEqual(['edge', 'sear', 'sear', 'edges']);
    const basted = planned({ ...STEAK, baste: 90 });
    expect(basted.legs.at(-1)).toMatchObject({ kind: 'baste', seconds: 90 });
    expect(basted.cookSeconds).toBeGreaterThan(90);
    const turnedDown = planned({ ...STEAK, panAfter: 170 });
    expect(turnedDown.browning[1]).toBeLessThan(plain.browning[1] - 0.2);
    expect(planned({ ...STEAK, press: 'pressed' }).cookSeconds).toBeLessThan(plain.cookSeconds);
    // An hour on the counter saves minutes, not many.
    const tempered = planned({ ...STEAK, temper: 3600 });
    expect(plain.cookSeconds - tempered.cookSeconds).toBeGreaterThan(10);
    expect(tempered.cookSeconds).toBeGreaterThan(plain.cookSeconds * 0.7);
    expect(tempered.inRange).toBeGreaterThan(3600);
  });

  it('salted a quarter of an hour ahead and not dried, it browns later than salted at the pan', () => {
    const browned = (saltAhead: number): number => {
      const request: PlanRequest = { ...STEAK, surface: 'wet', saltAhead };
      return new MethodSimulator(request).run(300).faces[0];
    };
    expect(browned(900)).toBeLessThan(browned(0));
    expect(browned(4 * 3600)).toBeGreaterThan(browned(900));
  });

  it('thicker is slower, colder is slower, a hotter end is slower, a hotter pan browns more', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.012, max: 0.026, noNaN: true }),
        fc.double({ min: 200, max: 235, noNaN: true }),
        fc.constantFrom('once' as const, 'often' as const),
        (thickness, pan, way) => {
          const base = { ...STEAK, thickness, pan, way };
          const seconds = planned(base).cookSeconds;
          expect(planned({ ...base, thickness: thickness + 0.003 }).cookSeconds).toBeGreaterThan(
            seconds,
          );
          expect(planned({ ...base, start: 1 }).cookSeconds).toBeGreaterThan(seconds);
          expect(planned({ ...base, target: 58 }).cookSeconds).toBeGreaterThan(seconds);
          // The same time on a hotter pan: never less brown.
          const browned = (at: number): number => {
            return Math.min(...new MethodSimulator({ ...base, pan: at }).run(seconds).faces);
          };
          expect(browned(pan + 15)).toBeGreaterThanOrEqual(browned(pan));
        },
      ),
      { numRuns: 8 },
    );
  });

  it.each(['once', 'sear-oven', 'oven-sear'] as const)(
    '%s: the window is where the end is 1.5 C off',
    (way) => {
      const request = { ...THICK, way };
      const window = find(updates(request, false), 'window')?.window;
      const cook = new MethodSimulator(request, { columns: 8 });
      const at = find(updates(request, false), 'plan')?.plan;
      const value =
        way === 'once'
          ? (at?.cookSeconds ?? 0)
          : (at?.legs.find((l) => l.kind === 'oven')?.seconds ?? 0);
      const planned = cook.run(value);
      const end = (seconds: number): number => cook.endWith(planned, seconds).reached;
      const middle = end(value);
      expect(end(value - (window?.early ?? NaN)) - middle).toBeCloseTo(-1.5, 0);
      expect(end(value + (window?.late ?? NaN)) - middle).toBeCloseTo(1.5, 0);
    },
  );

  it('gives a range from what is not known exactly: the thickness first, in an oven its heat', () => {
    const spread = find(updates(STEAK), 'spread')?.spread;
    expect(spread?.inputs[0]?.input).toBe('thickness');
    expect(spread?.seconds).toBeGreaterThan(spread?.inputs[0]?.seconds ?? Infinity);
    expect(spread?.endTemperature).toBeGreaterThan(1);
    const slow = find(updates({ ...THICK, way: 'oven-sear' }), 'spread')?.spread;
    expect(slow?.inputs[0]?.input).toBe('oven');
  });

  it('plans a piece whose crust chars first; each remedy avoids it, the burner turned down first', () => {
    const thick: PlanRequest = { ...STEAK, thickness: 0.032, weight: 0.4, pan: 260 };
    const list = updates(thick);
    expect(find(list, 'obstacle')).toBeUndefined();
    const plan = planned(thick);
    expect(crustComplaint(plan)).toBe('charred');
    expect(plan.peakCore).toBeCloseTo(thick.target, 0);
    const remedies = find(list, 'remedies')?.remedies ?? [];
    expect(remedies.map(({ kind }) => kind)).toContain('way');
    expect(remedies[0]?.kind).toBe('turn-down');
    for (const remedy of remedies) {
      const { kind, ...change } = remedy;
      expect(crustComplaint(planned({ ...thick, ...change }))).not.toBe('charred');
      expect(kind).not.toBe('target');
    }
  });

  it('a crust asked for charred over a rare middle is no complaint', () => {
    const charred: PlanRequest = { ...THICK, way: 'oven-sear', pan: 280, crust: 2.5, target: 49 };
    const plan = planned(charred);
    expect(plan.peakCore).toBeCloseTo(49, 0);
    expect(crustColour(darkestBrowning(plan), plan.request)).toBe('very-dark');
    expect(crustComplaint(plan)).toBeUndefined();
  });

  it('a piece turned often with its burner turned down has a lighter crust and takes longer', () => {
    const often: PlanRequest = { ...STEAK, way: 'often', pan: 240 };
    const [steady, down] = [planned(often), planned({ ...often, panAfter: 180 })];
    expect(down.cookSeconds).toBeGreaterThan(steady.cookSeconds);
    expect(darkestBrowning(down)).toBeLessThan(darkestBrowning(steady));
  });

  it('offers a thicker piece when a thin one stays pale', () => {
    const list = updates({ ...STEAK, pan: 230, thickness: 0.01, weight: 0.15 });
    const thicker = find(list, 'remedies')?.remedies.find(({ kind }) => kind === 'thickness');
    expect(thicker).toBeDefined();
    const plan = planned({ ...STEAK, pan: 230, weight: 0.15, ...thicker });
    const golden = crustFrom('golden', plan.request);
    expect(Math.min(...plan.browning)).toBeGreaterThan(golden - 0.01);
  });

  it.each<[string, Partial<PlanRequest>]>([
    ['crowded', { thickness: 0.004 }],
    ['tower', { thickness: 0.12, weight: 0.2 }],
    ['burner', { pan: 395 }],
    ['warm', { start: 30, target: 30 }],
    ['never', { pan: 120, target: 88, thickness: 0.05, weight: 0.8 }],
    ['over', { way: 'sear-oven', thickness: 0.01, weight: 0.15, target: 45 }],
    ['cool-oven', { way: 'oven-sear', lowOven: 62, target: 80, thickness: 0.05, weight: 0.6 }],
  ])('explains %s', (reason, change) => {
    const said = find(updates({ ...STEAK, ...change }), 'obstacle');
    expect(said?.obstacle.reason).toBe(reason);
    if (reason === 'cool-oven') expect(said?.remedies?.[0]?.kind).toBe('oven');
  });

  it('keeps curves and slices of the whole cook, the last ones fine enough to draw large', () => {
    const { plan, slices } = slicedPlanOf({ ...STEAK, way: 'often' });
    const { time, core, surface } = plan.trace;
    expect(time).toHaveLength(core.length);
    expect(time).toHaveLength(surface.length);
    expect(time.length).toBeLessThanOrEqual(400);
    expect(time.at(-1)).toBeGreaterThan(plan.cookSeconds + plan.restSeconds);
    expect(slices.frames[0]?.peak.every((t) => t === STEAK.start)).toBe(true);
    expect(slices.frames.at(-1)?.time).toBeCloseTo(plan.cookSeconds + plan.restSeconds, 0);
    const fine = find(updates(STEAK), 'plan')?.slices;
    expect(fine?.cells.widths).toHaveLength(DISPLAY_COLUMNS);
    for (const { peak } of fine?.frames ?? [])
      expect(peak).toHaveLength((fine?.cells.heights.length ?? 0) * DISPLAY_COLUMNS);
  });

  itDeep(
    'tells how far the meat along a bone lags: further along a thicker one, not at all without',
    () => {
      const { thickness, weight, target, bone = 0.01 } = CUTS['pork-chop'];
      const chop = { ...STEAK, thickness, weight, target, way: 'oven-sear' } as const;
      const lagOf = (width: number): number => {
        const own = { ...CUTS['pork-chop'], bone: width };
        return (
          find(updates({ ...chop, cut: 'pork-chop', own }, false), 'plan')?.plan.boneLag ?? NaN
        );
      };
      const usual = lagOf(bone);
      expect(usual).toBeGreaterThan(0.1);
      expect(usual).toBeLessThan(25);
      expect(lagOf(2 * bone)).toBeGreaterThan(usual);
      expect(find(updates(STEAK, false), 'plan')?.plan.boneLag).toBeUndefined();
    },
  );
});
