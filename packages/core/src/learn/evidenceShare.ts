import type { CookEvidence } from './cookEvidence';
import { EVIDENCE_KINDS, type EvidenceKind } from './evidenceKind';

/** Part of one sort of evidence in what was learned. */
export interface EvidenceShare {
  readonly kind: EvidenceKind;
  /** Number of cooks that have it. */
  readonly cooks: number;
  /** Its share of the information that each sort gives by itself. */
  readonly share: number;
}

/** Share of each sort of evidence in the information of all cooks. */
export const evidenceShares = (cooks: readonly CookEvidence[]): readonly EvidenceShare[] => {
  const given = EVIDENCE_KINDS.map((kind) => {
    const found = cooks.flatMap(({ information }) => information[kind] ?? []);
    return { kind, cooks: found.length, information: found.reduce((sum, one) => sum + one, 0) };
  }).filter(({ cooks }) => cooks > 0);
  const total = given.reduce((sum, { information }) => sum + information, 0);
  return given
    .map(({ kind, cooks, information }) => ({
      kind,
      cooks,
      share: total > 0 ? information / total : 0,
    }))
    .toSorted((a, b) => b.share - a.share);
};
