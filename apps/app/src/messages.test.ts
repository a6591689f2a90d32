import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { CUTS, ALLERGENS, RUBS } from '@crustan/core/food';
import { DONENESS_SCALES } from '@crustan/core/doneness';
import { DEFAULT_KITCHEN } from '@crustan/core/formats';
import { FATS } from '@crustan/core/gear/fats';
import {
  formatList,
  loadCatalogues,
  setLanguage,
  translateName,
  translator,
} from '@crustan/messages';
import { argumentsOf } from '@crustan/messages/argumentsOf';
import { kitchen } from '@crustan/messages/en/kitchen';
import { logbook } from '@crustan/messages/en/logbook';
import { meanings } from '@crustan/messages/en/meanings';
import { plan } from '@crustan/messages/en/plan';
import { service } from '@crustan/messages/en/service';
import { shared } from '@crustan/messages/en/shared';
import { stove } from '@crustan/messages/en/stove';
import { kitchen as kitchenEs } from '@crustan/messages/es/kitchen';
import { logbook as logbookEs } from '@crustan/messages/es/logbook';
import { meanings as meaningsEs } from '@crustan/messages/es/meanings';
import { names } from '@crustan/messages/es/names';
import { plan as planEs } from '@crustan/messages/es/plan';
import { service as serviceEs } from '@crustan/messages/es/service';
import { shared as sharedEs } from '@crustan/messages/es/shared';
import { stove as stoveEs } from '@crustan/messages/es/stove';

const SRC = __dirname;

/** Catalogues with the folder whose files format their messages; the first folder that fits counts. */
const CATALOGUES = [
  { folder: 'features/plan/', english: plan, spanish: planEs },
  { folder: 'features/stove/', english: stove, spanish: stoveEs },
  { folder: 'features/pass/', english: service, spanish: serviceEs },
  { folder: 'features/book/', english: logbook, spanish: logbookEs },
  { folder: 'features/kitchen/', english: kitchen, spanish: kitchenEs },
  { folder: 'ui/meanings/', english: meanings, spanish: meaningsEs },
  { folder: '', english: shared, spanish: sharedEs },
] as const;

const sources = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter(
  (file) => /\.tsx?$/.test(file) && !file.includes('.test.'),
);

/** Ids that the files of a folder format. */
const usedIn = (folder: string): ReadonlySet<string> =>
  new Set(
    sources
      .filter((file) => CATALOGUES.find((one) => file.startsWith(one.folder))?.folder === folder)
      .flatMap((file) => [
        ...readFileSync(path.join(SRC, file), 'utf8').matchAll(/\bt\(\s*'([a-z0-9-]+)'/g),
      ])
      .map(([, id]) => id ?? ''),
  );

describe('the message catalogues', () => {
  it.each(CATALOGUES.map((one) => [one.folder || 'shared', one] as const))(
    '%s: every message is used, and Spanish has the same arguments and outer spaces',
    (_, { folder, english, spanish }) => {
      const used = usedIn(folder);
      expect(Object.keys(english).filter((id) => !used.has(id))).toEqual([]);
      const edges = (text: string) => [/^\s/.test(text), /\s$/.test(text)];
      for (const [id, message] of Object.entries(spanish)) {
        const original = Object.entries(english).find(([one]) => one === id)?.[1] ?? '';
        expect([id, argumentsOf(message)]).toEqual([id, argumentsOf(original)]);
        // A clause that begins with a comma needs no space before it.
        if (!/^,/.test(message)) expect([id, edges(message)]).toEqual([id, edges(original)]);
      }
    },
  );

  it('have a Spanish name for every piece, doneness, fat, allergen and rub', () => {
    const english = [
      ...Object.values(CUTS).flatMap(({ name, slicing }) => [name, slicing]),
      ...Object.values(DONENESS_SCALES).flatMap((scale) => scale.map(({ name }) => name)),
      ...FATS.map(({ name }) => name),
      ...DEFAULT_KITCHEN.pans.map(({ name }) => name),
      ...Object.values(ALLERGENS).map(({ name }) => name),
      ...Object.values(RUBS).map(({ name }) => name),
    ];
    expect(english.filter((name) => names[name] === undefined)).toEqual([]);
  });
});

describe('a message', () => {
  const t = translator('trial', {
    plain: 'Fixed',
    some: '{n, plural, one {# cook} other {# cooks}}',
  });
  afterEach(() => setLanguage('en'));

  it('is in English until its translation is loaded, then in the language of the page', () => {
    setLanguage('es');
    expect(t('plain')).toBe('Fixed');
    expect(t('some', { n: 2 })).toBe('2 cooks');
    loadCatalogues({
      trial: { plain: 'Fijo', some: '{n, plural, one {# cocción} other {# cocciones}}' },
    });
    expect(t('plain')).toBe('Fijo');
    expect([t('some', { n: 1 }), t('some', { n: 2 })]).toEqual(['1 cocción', '2 cocciones']);
    setLanguage('en');
    expect(t('some', { n: 1 })).toBe('1 cook');
  });

  it('translates the names of the core, and leaves the names of users as they are', () => {
    loadCatalogues({ names });
    setLanguage('es');
    expect(translateName('duck breast')).toBe('pechuga de pato');
    expect(translateName('My steak')).toBe('My steak');
  });

  it('lists items as the language does', () => {
    expect(formatList([])).toBe('');
    expect(formatList(['milk', 'egg', 'fish'])).toBe('milk, egg, fish');
    setLanguage('es');
    expect(formatList(['leche', 'huevo', 'pescado'])).toBe('leche, huevo y pescado');
    expect(formatList(['leche', 'huevo'])).toBe('leche y huevo');
  });
});
