/** Languages of the interface, by their BCP 47 codes. */
export const LANGUAGES = ['en', 'es'] as const;
export type Language = (typeof LANGUAGES)[number];
