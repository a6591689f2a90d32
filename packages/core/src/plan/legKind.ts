export const LEG_KINDS = ['edge', 'sear', 'turns', 'baste', 'edges', 'oven', 'board'] as const;
/** What is done with the piece through a part of the cook. */
export type LegKind = (typeof LEG_KINDS)[number];
