import { readFileSync } from 'node:fs';
import { CUT_IDS, CUTS, type CutId } from '@crustan/core/food';
import { DEFAULT_PAN } from '@crustan/core/gear';
import { runToEnd } from '@crustan/core/maths';
import {
  solveWay,
  USUAL,
  usesOven,
  MethodSimulator,
  type PlanRequest,
  type TimedLeg,
  waysFor,
  WAYS,
  type Way,
} from '@crustan/core/plan';

/**
 * `plan` prints a few typical cooks of every method with the legs that end them at their target; `ends FILE` prints
 * the ends of the same legs. The same file bundled with another value of an estimate shows the effect of that
 * estimate: `scripts/estimateEffects.mjs`.
 */
interface Case {
  readonly way: Way;
  readonly request: PlanRequest;
  readonly legs: readonly TimedLeg[];
}

/** Typical pieces of a method; default: the first two that it is offered for. */
const PIECES: Readonly<Partial<Record<Way, readonly CutId[]>>> = {
  once: ['strip-steak', 'pork-loin'],
  often: ['strip-steak', 'lamb-loin'],
  'skin-down': ['salmon-skin-on', 'white-fish-skin-on'],
  'cold-pan': ['duck-breast'],
  'sear-oven': ['ribeye', 'pork-chop'],
  'oven-sear': ['ribeye', 'strip-steak'],
  'sear-oven-sear': ['ribeye', 'strip-steak'],
  'oven-blast': ['loin-joint', 'whole-fillet'],
};
const piecesOf = (way: Way): readonly CutId[] =>
  PIECES[way] ?? CUT_IDS.filter((cut) => waysFor(CUTS[cut]).includes(way)).slice(0, 2);
/** Factor by which pieces for an oven are thicker than those for a pan. */
const THICKER = 1.4;

const requestsOf = (way: Way, cut: CutId): readonly PlanRequest[] => {
  const { thickness, weight, target, whole } = CUTS[cut];
  const share = usesOven(way) && !whole ? THICKER : 1;
  const request: PlanRequest = {
    ...USUAL,
    cut,
    thickness: thickness * share,
    weight: weight * share,
    target,
    way,
  };
  // The estimates for a gas oven and a tray are tested on requests that have them.
  return usesOven(way) ? [request, { ...request, ovenFuel: 'gas', tray: true }] : [request];
};

const planned = (): readonly Case[] =>
  WAYS.flatMap((way) =>
    piecesOf(way).flatMap((cut) =>
      requestsOf(way, cut).flatMap((request): readonly Case[] => {
        const cook = new MethodSimulator(request, { pan: DEFAULT_PAN });
        const solved = runToEnd(solveWay(cook));
        return solved.ok ? [{ way, request, legs: solved.run.legs }] : [];
      }),
    ),
  );

const endOf = ({ request, legs }: Case): number => {
  const cook = new MethodSimulator(request, { pan: DEFAULT_PAN });
  cook.reset();
  return cook.endOf(legs).reached;
};

const [mode, file] = process.argv.slice(2);
const cases: readonly Case[] =
  mode === 'ends' && file !== undefined ? JSON.parse(readFileSync(file, 'utf8')) : planned();
process.stdout.write(JSON.stringify(mode === 'ends' ? cases.map(endOf) : cases));
