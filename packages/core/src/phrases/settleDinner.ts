import { DONENESS_SCALES } from '../doneness';
import { CUTS, type CutId } from '../food';
import { PLAN_LIMITS, type Limit } from '../plan/request/limits';
import type { PlanRequest } from '../plan/request/request';
import type { DonenessWord } from './donenessWord';
import type { Span } from './phrase';
import { saidDoneness } from './saidDoneness';

/** Words whose meaning depends on the whole sentence. */
export interface GatheredWords {
  readonly doneness?: { readonly word: DonenessWord; readonly text: string } | undefined;
  /** The weight is that of all pieces. */
  readonly inTotal: boolean;
  /** The oven and the pan, in their order. */
  readonly places: readonly ('oven' | 'once')[];
  /** "Fillets" without the name of a piece. */
  readonly fillets?: Span | undefined;
  readonly skin?:
    { readonly code: 'with-skin' | 'without-skin'; readonly text: string } | undefined;
}

/** A dinner before its words are combined. */
export interface GatheredDinner extends GatheredWords {
  readonly request: Partial<PlanRequest>;
  readonly cut: CutId | undefined;
}

/** Reports of a reader. */
interface Reports {
  readonly refuse: (text: string, why: string) => void;
  readonly ask: (span: Span, why: string, instead: readonly string[]) => void;
}

/** Pieces that are sold with and without their skin. */
const SKINS: readonly { readonly with: CutId; readonly without: CutId }[] = [
  { with: 'salmon-skin-on', without: 'salmon-fillet' },
  { with: 'white-fish-skin-on', without: 'white-fish-fillet' },
  { with: 'duck-breast', without: 'duck-breast-skinned' },
];
const FILLETS = ['fillet steak', 'salmon fillet', 'cod fillet'] as const;

const isWithin = (value: number, { least, most }: Limit): boolean =>
  value >= least && value <= most;

/** The cut with or without its skin, as the sentence says. */
const cutWithSkin = ({ cut, skin }: GatheredDinner, { refuse }: Reports): CutId | undefined => {
  if (!skin) return cut;
  const [from, to] =
    skin.code === 'with-skin' ? (['without', 'with'] as const) : (['with', 'without'] as const);
  const pair = SKINS.find((one) => one[from] === cut || one[to] === cut);
  if (!pair) refuse(skin.text, 'a piece that is sold with and without its skin would be right');
  return pair?.[to] ?? cut;
};

const withDoneness = (
  request: Partial<PlanRequest>,
  { doneness }: GatheredDinner,
  cut: CutId | undefined,
  { refuse }: Reports,
): Partial<PlanRequest> => {
  if (!doneness) return request;
  if (cut === undefined) {
    refuse(doneness.text, 'of which piece? a cut would be right');
    return request;
  }
  const { species } = CUTS[cut];
  const target = saidDoneness(species, doneness.word);
  if (request.target !== undefined) {
    if (target !== request.target) refuse(doneness.text, 'the degrees beside it are planned');
    return request;
  }
  if (target === undefined) {
    const names = DONENESS_SCALES[species].map(({ name }) => name).join(', ');
    refuse(doneness.text, `${names} would be right`);
    return request;
  }
  return { ...request, target };
};

/** An oven and a pan without the name of a method: the order of the words is the order of the cook. */
const withMethod = (
  request: Partial<PlanRequest>,
  { places }: GatheredDinner,
): Partial<PlanRequest> => {
  if (request.way !== 'once' || !places.includes('oven')) return request;
  return { ...request, way: places[0] === 'oven' ? 'oven-sear' : 'sear-oven' };
};

const HEATS = {
  'oven-sear': { takes: 'lowOven', other: 'hotOven', when: 'before the pan' },
  'sear-oven': { takes: 'hotOven', other: 'lowOven', when: 'after the pan' },
} as const;

/** The oven's heat under the name that its method reads, if the method can have it. */
const withOven = (request: Partial<PlanRequest>, { refuse }: Reports): Partial<PlanRequest> => {
  const { way } = request;
  if (way !== 'oven-sear' && way !== 'sear-oven') return request;
  const { takes, other, when } = HEATS[way];
  const heat = request[takes] ?? request[other];
  const { lowOven: _low, hotOven: _hot, ...rest } = request;
  if (heat === undefined) return request;
  if (isWithin(heat, PLAN_LIMITS[takes])) return { ...rest, [takes]: heat };
  const { least, most } = PLAN_LIMITS[takes];
  refuse('oven', `an oven of ${least} to ${most} C ${when} would be right`);
  return rest;
};

/** The weight of one piece. */
const withWeight = (
  request: Partial<PlanRequest>,
  { inTotal }: GatheredDinner,
): Partial<PlanRequest> => {
  const { weight, pieces } = request;
  if (!inTotal || weight === undefined || pieces === undefined) return request;
  return { ...request, weight: weight / pieces };
};

/**
 * Combines the gathered words of a dinner into a request.
 * @param fallback the default piece
 */
export const settleDinner = (
  gathered: GatheredDinner,
  fallback: CutId | undefined,
  reports: Reports,
): Partial<PlanRequest> => {
  const cut = cutWithSkin(gathered, reports);
  if (gathered.fillets && cut === undefined) {
    reports.ask(gathered.fillets, 'which piece? Choose one, or write its name', FILLETS);
  }
  const done = withDoneness(gathered.request, gathered, cut ?? fallback, reports);
  const request = withWeight(withOven(withMethod(done, gathered), reports), gathered);
  return cut === undefined ? request : { cut, ...request };
};
