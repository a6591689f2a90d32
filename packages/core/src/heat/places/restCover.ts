export const REST_COVERS = ['open', 'loose', 'wrapped'] as const;
/** Cover of a resting piece: none, a loose tent of foil, or tight wrapping. */
export type RestCover = (typeof REST_COVERS)[number];
