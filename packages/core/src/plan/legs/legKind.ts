export const LEG_KINDS = ['edge', 'sear', 'turns', 'baste', 'edges', 'oven', 'board'] as const;
/** Kind of a part of the cook. */
export type LegKind = (typeof LEG_KINDS)[number];
