import { expect, findings, test } from './kitchen';
import { layoutFaults } from './layout/layoutFaults';
import { settled } from './layout/settled';

test.use({ locale: 'es-ES' });

/** Places by their addresses, with words that each shows, and the least size of its targets, px. */
const PLACES = [
  { where: '/', shows: 'Cinco formas para el mismo final', touch: 24 },
  { where: '/stove', shows: 'Planes guardados', touch: 44 },
  { where: '/pass', shows: 'Tareas', touch: 24 },
  { where: '/book', shows: /^\d+ cocciones$/, touch: 24 },
  { where: '/book/files', shows: 'Elegir un archivo', touch: 24 },
  { where: '/kitchen', shows: 'Quién está a la mesa', touch: 24 },
] as const;

test(
  'every place is in the language of the browser, fits a phone and has no barriers',
  { tag: '@deep' },
  async ({ page, demo }) => {
    for (const { where, shows, touch } of PLACES) {
      await page.goto(`${demo.url}${where}`);
      await expect(page.getByText(shows).first()).toBeVisible({ timeout: 60_000 });
      await expect(page.locator('html')).toHaveAttribute('lang', 'es');
      await settled(page);
      expect([where, await layoutFaults(page, { touch })]).toEqual([where, []]);
      expect([where, await findings(page)]).toEqual([where, []]);
    }
  },
);

test('a steak is planned and cooked in Spanish', async ({ page, demo }) => {
  await page.goto(demo.url);
  await expect(page.getByTestId('word-cut')).toHaveText('entrecot de lomo');
  await expect(page.getByTestId('word-target')).toHaveText('al punto menos 54°');
  await page.getByRole('button', { name: 'Empezar en el fogón' }).click();
  await expect(
    page.getByRole('heading', { name: /Pon la sartén al fuego|A la sartén/ }),
  ).toBeVisible();
  await page.getByTestId('happened').click();
  await expect(page.getByTestId('kept')).toHaveText('Todos los pasos guardados.');
  expect(await layoutFaults(page, { touch: 44 })).toEqual([]);
});

test('a sentence in Spanish fills the plan', { tag: '@deep' }, async ({ page, demo }) => {
  await page.goto(demo.url);
  await page.getByRole('button', { name: 'Describe lo que cocinas' }).click();
  await page
    .getByRole('textbox', { name: 'Describe lo que cocinas' })
    .fill('dos magrets desde sartén fría, a 58 grados, a las diez menos cuarto, con chimichurri');
  await page.getByRole('button', { name: 'Rellenar la frase' }).click();
  await expect(page.getByTestId('word-count')).toHaveText('2 ×');
  await expect(page.getByTestId('word-cut')).toHaveText('pechuga de pato');
  await expect(page.getByTestId('word-plate')).toContainText('21:45');
  await expect(
    page.getByText('“chimichurri” no se usó: esta palabra no se conoce aquí.'),
  ).toBeVisible();
});

test(
  'another language is chosen in Kitchen, and kept',
  { tag: '@deep' },
  async ({ page, demo }) => {
    await page.goto(`${demo.url}/kitchen`);
    const languages = page.getByRole('radiogroup', { name: 'Idioma' });
    await languages.getByRole('radio', { name: 'English' }).click();
    await expect(page.getByRole('radiogroup', { name: 'Language' })).toBeVisible();
    await page.reload();
    await expect(page.getByText('Who is at the table')).toBeVisible();
    await page
      .getByRole('radiogroup', { name: 'Language' })
      .getByRole('radio', { name: 'As this device' })
      .click();
    await expect(languages).toBeVisible();
  },
);
