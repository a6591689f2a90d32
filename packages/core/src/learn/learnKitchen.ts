import { runToEnd } from '../maths/runToEnd';
import { solveNormal } from '../maths/normalEquations';
import { deviationAt, KITCHEN_SPREAD, NOMINAL_KITCHEN, perSpread } from '../gear';
import { cookEvidence, type CookEvidence } from './cookEvidence';
import { evidenceShares, type EvidenceShare } from './evidenceShare';
import { learnedOven, type LearnedOven } from './learnedOven';
import { cookData, type CookData } from './cookData';
import type { GearUsed, LoggedCook } from './loggedCook';
import { BEYOND_SPREADS, provedTraits, type LeftOutCook, type TraitUse } from './traitUse';
import { TRAITS, traitsBy, type LearnedTraits, type Trait } from './traits';

/** A trait of one device: the oven's, the burner's, the cook's eye, or one pan's contact. */
export type DeviceKey = string;

export const deviceKey = (trait: Trait, { pan }: Pick<GearUsed, 'pan'>): DeviceKey =>
  trait === 'contact' ? `contact:${pan.id ?? pan.name}` : trait;

/** Calibration of one device. */
export interface LearnedTrait {
  readonly key: DeviceKey;
  readonly trait: Trait;
  /** Pan of the contact. */
  readonly pan?: string | undefined;
  readonly value: number;
  /** Standard deviation in the value's own unit. */
  readonly deviation: number;
  /** Remaining share of the prior's standard deviation: 1 nothing learned, 0 certain. */
  readonly unknown: number;
  readonly use: TraitUse;
  /** Cooks on which it is based, each with its share of the information; the largest first. */
  readonly cooks: readonly { readonly id: string; readonly share: number }[];
}

/** Error of one past cook's end: with the nominal kitchen, and as learned from the other cooks. */
export interface BeforeAfter {
  readonly id: string;
  /** Model minus measurement, K: with the nominal kitchen, and with the calibration from the other cooks. */
  readonly before: number;
  readonly after: number;
}

export interface LearnedKitchen {
  /** Undefined if no cook used the oven. */
  readonly oven?: LearnedOven | undefined;
  /** The largest share first. */
  readonly evidence: readonly EvidenceShare[];
  readonly traits: readonly LearnedTrait[];
  readonly past: readonly BeforeAfter[];
  /** Cooks that could be read. */
  readonly cooks: number;
}

/** Cooks looked at, the newest: kitchens change, and more than these teach little. */
export const MOST_COOKS = 16;
const PASSES = 3;
/** A cook is simulated again when its kitchen's estimate has moved by this, spreads. */
const MOVED = 0.12;
/** Smallest share of the information for which a cook is listed. */
const NAMED = 0.02;

/** Forgotten devices: cooks before that moment are ignored for them, ms since 1970. */
export type Forgotten = Readonly<Record<DeviceKey, number>>;

/** Progress of learning: cooks processed over all passes, and their total. */
export interface LearnProgress {
  readonly done: number;
  readonly total: number;
}

interface Lesson {
  readonly read: CookData;
  /** The device that each trait is of; undefined: forgotten. */
  readonly of: readonly (number | undefined)[];
  readonly ofAll: readonly number[];
  evidence: CookEvidence | undefined;
  at: Float64Array;
}

/** A symmetric matrix's inverse, row by row. */
const inverse = (a: Float64Array, n: number): Float64Array =>
  solveNormal(a, new Float64Array(n)).inverse;

/**
 * Information that a cook's evidence adds, and that information times its mean, on the traits that were not reset for
 * it. The others keep their prior.
 */
const addition = ({ evidence, of }: Lesson) => {
  const estimated = TRAITS.map((_, j) => j).filter((j) => of[j] !== undefined);
  const n = estimated.length;
  const information = new Float64Array(n * n);
  const vector = new Float64Array(n);
  if (!evidence || n === 0) return { estimated, information, vector };
  const m = TRAITS.length;
  const block = new Float64Array(n * n);
  estimated.forEach((j, a) =>
    estimated.forEach((k, b) => (block[a * n + b] = evidence.covariance[j * m + k])),
  );
  const known = inverse(block, n);
  for (let a = 0; a < n; a += 1) {
    for (let b = 0; b < n; b += 1) {
      vector[a] += known[a * n + b] * evidence.mean[estimated[b]];
      information[a * n + b] = known[a * n + b] - (a === b ? 1 : 0);
    }
  }
  // A mixture of fits may be wider than the prior: then it adds no information on that trait.
  for (let a = 0; a < n; a += 1) {
    if (information[a * n + a] > 0) continue;
    for (let b = 0; b < n; b += 1) information[a * n + b] = information[b * n + a] = 0;
    vector[a] = 0;
  }
  return { estimated, information, vector };
};

interface Known {
  readonly mean: Float64Array;
  readonly covariance: Float64Array;
}

/** The posterior of every device from all cooks, with the prior of each. */
const gather = (lessons: readonly Lesson[], devices: number): Known => {
  const a = new Float64Array(devices * devices);
  const b = new Float64Array(devices);
  for (let i = 0; i < devices; i += 1) a[i * devices + i] = 1;
  for (const lesson of lessons) {
    const { estimated, information, vector } = addition(lesson);
    estimated.forEach((j, p) => {
      const row = lesson.ofAll[j];
      b[row] += vector[p];
      estimated.forEach((k, q) => {
        a[row * devices + lesson.ofAll[k]] += information[p * estimated.length + q];
      });
    });
  }
  const { x, inverse: covariance } = solveNormal(a, b);
  return { mean: x, covariance };
};

const valueAt = (trait: Trait, spreads: number): number =>
  deviationAt(trait, spreads, KITCHEN_SPREAD[trait]);

const traitsAt = (known: ArrayLike<number>, of: readonly number[]): LearnedTraits => {
  const at = (trait: Trait): number =>
    valueAt(trait, Math.max(-2.5, Math.min(2.5, known[of[TRAITS.indexOf(trait)]])));
  return traitsBy(at);
};

/**
 * Learns a kitchen from its cooks: the readings and the end of every cook, weighted by the scatter between cooks, give
 * information on its oven, its burner, its pan and the cook's eye; combined with the prior they give the posterior. A
 * Gauss-Newton search: cooks are simulated again in the kitchen found. Yields its progress before each run, so that it
 * can be dropped.
 * @param cooks in any order; the newest are used
 */
export function* learnKitchen(
  cooks: readonly LoggedCook[],
  forgotten: Forgotten = {},
): Generator<LearnProgress, LearnedKitchen> {
  const reads = cooks
    .toSorted((a, b) => b.at - a.at)
    .map(cookData)
    .filter((read) => read !== undefined)
    .slice(0, MOST_COOKS);
  const devices: { key: DeviceKey; trait: Trait; pan: string | undefined }[] = [];
  const indexOf = (trait: Trait, gear: GearUsed): number => {
    const key = deviceKey(trait, gear);
    const found = devices.findIndex((device) => device.key === key);
    if (found !== -1) return found;
    devices.push({ key, trait, pan: trait === 'contact' ? gear.pan.name : undefined });
    return devices.length - 1;
  };
  const lessons = reads.map((read): Lesson => {
    const ofAll = TRAITS.map((trait) => indexOf(trait, read.cook.gear));
    const of = ofAll.map((i) =>
      read.cook.at < (forgotten[devices[i].key] ?? -Infinity) ? undefined : i,
    );
    return { read, of, ofAll, evidence: undefined, at: new Float64Array(TRAITS.length) };
  });
  let known: Known = {
    mean: new Float64Array(devices.length),
    covariance: new Float64Array(devices.length ** 2),
  };
  /** Ends in the nominal kitchen, exactly. */
  const before = new Map<string, number>();
  for (let pass = 0; pass < PASSES; pass += 1) {
    for (const [i, lesson] of lessons.entries()) {
      const done = pass * lessons.length + i;
      const here = Float64Array.from(lesson.ofAll, (i) => known.mean[i]);
      const far = here.some((p, j) => Math.abs(p - lesson.at[j]) > MOVED);
      if (lesson.evidence && !far) continue;
      yield { done, total: PASSES * lessons.length };
      lesson.evidence = cookEvidence(lesson.read, traitsAt(known.mean, lesson.ofAll));
      lesson.at = here;
      const { check } = lesson.evidence;
      if (pass === 0 && check) before.set(lesson.read.cook.id, check.predicted - check.measured);
    }
    known = gather(lessons, devices.length);
  }
  const leftOut = lessons.flatMap((lesson): (LeftOutCook & { readonly id: string })[] => {
    const check = lesson.evidence?.check;
    const nominalError = before.get(lesson.read.cook.id);
    if (!check || nominalError === undefined) return [];
    const others = gather(
      lessons.filter((one) => one !== lesson),
      devices.length,
    );
    // The nominal kitchen itself was simulated: the residual of its linear model belongs to no trait.
    const adds = TRAITS.map((_, j) => check.slopes[j] * others.mean[lesson.ofAll[j]]);
    return [{ id: lesson.read.cook.id, nominalError, adds }];
  });
  const beyond = (i: number): boolean => Math.abs(known.mean[i]) > BEYOND_SPREADS;
  const proved = provedTraits(
    leftOut,
    TRAITS.map((_, j) => j).filter((j) =>
      devices.every(({ trait }, i) => trait !== TRAITS[j] || !beyond(i)),
    ),
  );
  const past = leftOut.map(({ id, nominalError, adds }): BeforeAfter => ({
    id,
    before: nominalError,
    after: [...proved].reduce((sum, j) => sum + adds[j], nominalError),
  }));
  /** Whether a thermometer of the equipment measured the trait: it was not only inferred from ends. */
  const measured = (trait: Trait): boolean =>
    lessons.some(
      ({ read }) =>
        (trait === 'oven' && read.air !== undefined) ||
        (trait === 'burner' && (read.panSeen !== undefined || read.warming.length > 0)),
    );
  const useOf = (trait: Trait, i: number): TraitUse => {
    if (beyond(i)) return 'beyond';
    if (measured(trait)) return 'yes';
    return proved.has(TRAITS.indexOf(trait)) ? 'yes' : 'unproved';
  };
  const oven = learnedOven(
    reads.map(({ cook }) => cook),
    devices.map(({ trait }) => trait),
    known,
  );
  return {
    ...(oven ? { oven } : {}),
    traits: devices.map(({ key, trait, pan }, i) => {
      const spread = Math.sqrt(known.covariance[i * devices.length + i]);
      const value = valueAt(trait, known.mean[i]);
      return {
        key,
        trait,
        ...(pan === undefined ? {} : { pan }),
        value,
        deviation: spread * perSpread(trait, value, KITCHEN_SPREAD[trait]),
        unknown: Math.min(1, spread),
        use: useOf(trait, i),
        cooks: sharesOf(lessons, i),
      };
    }),
    past,
    cooks: reads.length,
    evidence: evidenceShares(lessons.flatMap(({ evidence }) => evidence ?? [])),
  };
}

/** Information on a device under this is rounding; its prior has 1. */
const LEAST_INFORMATION = 1e-9;

/** Contribution of each cook to the estimate of one device. */
const sharesOf = (lessons: readonly Lesson[], device: number): LearnedTrait['cooks'] => {
  const given = lessons.flatMap((lesson) => {
    const { estimated, information } = addition(lesson);
    const p = estimated.findIndex((j) => lesson.ofAll[j] === device);
    return p === -1
      ? []
      : [{ id: lesson.read.cook.id, weight: information[p * estimated.length + p] }];
  });
  const total = given.reduce((sum, { weight }) => sum + weight, 0);
  if (total <= LEAST_INFORMATION) return [];
  return given
    .map(({ id, weight }) => ({ id, share: weight / total }))
    .filter(({ share }) => share >= NAMED)
    .toSorted((a, b) => b.share - a.share);
};

/** Runs `learnKitchen` to its end. */
export const learnedKitchen = (
  cooks: readonly LoggedCook[],
  forgotten: Forgotten = {},
): LearnedKitchen => runToEnd(learnKitchen(cooks, forgotten));

/** Calibration that plans on this equipment use: only traits that have proved to predict its cooks better. */
export const traitsFor = (
  traits: readonly Pick<LearnedTrait, 'key' | 'value' | 'use'>[],
  gear: Pick<GearUsed, 'pan'>,
): LearnedTraits =>
  traitsBy(
    (trait) =>
      traits.find(({ key, use }) => use === 'yes' && key === deviceKey(trait, gear))?.value ??
      NOMINAL_KITCHEN[trait],
  );
