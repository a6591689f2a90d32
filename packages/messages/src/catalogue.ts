/** Messages of one place by their ids, in ICU message syntax. */
export type Catalogue = Readonly<Record<string, string>>;
