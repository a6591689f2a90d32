import { currentLanguage, loadCatalogues, type Catalogue } from '@crustan/messages';

/** Catalogues in Spanish. English ones come with the code of their place: they are the fallback. */
const SPANISH = {
  names: () => import('@crustan/messages/es/names').then(({ names }) => names),
  shared: () => import('@crustan/messages/es/shared').then(({ shared }) => shared),
  meanings: () => import('@crustan/messages/es/meanings').then(({ meanings }) => meanings),
  plan: () => import('@crustan/messages/es/plan').then(({ plan }) => plan),
  stove: () => import('@crustan/messages/es/stove').then(({ stove }) => stove),
  service: () => import('@crustan/messages/es/service').then(({ service }) => service),
  logbook: () => import('@crustan/messages/es/logbook').then(({ logbook }) => logbook),
  kitchen: () => import('@crustan/messages/es/kitchen').then(({ kitchen }) => kitchen),
} as const satisfies Record<string, () => Promise<Catalogue>>;
export type WordsPlace = keyof typeof SPANISH;

/** Loads the catalogues of places in the language of the page, before the code of the places that formats them. */
export const loadWords = async (...places: readonly WordsPlace[]): Promise<void> => {
  if (currentLanguage() === 'en') return;
  const loaded = await Promise.all(
    places.map(async (place) => [place, await SPANISH[place]()] as const),
  );
  loadCatalogues(Object.fromEntries(loaded));
};
