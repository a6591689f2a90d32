export const REST_COVERS = ['open', 'loose', 'wrapped'] as const;
/** How a resting piece is covered: nothing, a loose tent of foil, or tightly wrapped. */
export type RestCover = (typeof REST_COVERS)[number];
