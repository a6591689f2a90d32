/**
 * Sorts of evidence on a kitchen: a probe left in, readings by hand, a finger, the measured end, the doneness, the grey band and the
 * loss of the finished piece, a thermometer in the oven, and an infrared thermometer on the pan.
 */
export const EVIDENCE_KINDS = [
  'probe',
  'typed',
  'felt',
  'end',
  'doneness',
  'grey',
  'loss',
  'oven',
  'gun',
] as const;
export type EvidenceKind = (typeof EVIDENCE_KINDS)[number];
