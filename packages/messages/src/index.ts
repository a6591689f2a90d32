export type { Catalogue } from './catalogue';
export { environmentLanguage } from './environmentLanguage';
export { currentLanguage, loadCatalogues, setLanguage, translateName } from './currentLanguage';
export { formatList } from './formatList';
export { LANGUAGES, type Language } from './language';
export { translator, translators, type Translate } from './translator';
