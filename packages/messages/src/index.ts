export type { Catalogue } from './catalogue';
export { currentLanguage, loadCatalogues, setLanguage, translateName } from './currentLanguage';
export { LANGUAGES, type Language } from './language';
export { translator, type Translate } from './translator';
