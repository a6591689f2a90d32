import { expect, type Page } from '@playwright/test';
import { openPlan, pressOn } from '../kitchen';
import { settled } from './settled';

/** One view or state of a view: how it is come to from the stop before. */
export interface Stop {
  readonly name: string;
  /** Its targets are as large as at a stove. */
  readonly stove?: true;
  readonly open: (page: Page, url: string) => Promise<void>;
}

const go =
  (where: string, shown: string | RegExp) =>
  async (page: Page, url: string): Promise<void> => {
    await page.goto(`${url}${where}`);
    await expect(page.getByText(shown).first()).toBeVisible({ timeout: 90_000 });
    await settled(page);
  };
const press =
  (name: string | RegExp, then?: string | RegExp) =>
  async (page: Page): Promise<void> => {
    await page.getByRole('button', { name }).first().click();
    if (then !== undefined) await expect(page.getByText(then).first()).toBeVisible();
    await settled(page);
  };
const radio =
  (name: string | RegExp) =>
  async (page: Page): Promise<void> => {
    await page.getByRole('radio', { name }).first().click();
    await settled(page);
  };
const tab =
  (name: string, shown: string | RegExp) =>
  async (page: Page): Promise<void> => {
    await page.getByRole('tab', { name }).click();
    await expect(page.getByText(shown).first()).toBeVisible();
    await settled(page);
  };

const EDITORS = [
  ...['cut', 'thickness', 'weight', 'surface', 'salt', 'start', 'pan', 'moves', 'oven', 'target'],
  ...['cover', 'plate'],
] as const;

/** The plan of a piece, every editor of its sentence opened in turn. */
const PLAN: readonly Stop[] = [
  {
    name: 'Plan',
    open: async (page, url) => {
      await openPlan(page, url);
      await page.waitForTimeout(1500);
    },
  },
  ...EDITORS.map((word): Stop => ({
    name: `Plan, editor ${word}`,
    open: async (page) => {
      await page.getByTestId(`word-${word}`).click();
      await expect(page.getByTestId('editor').locator('> *')).toHaveCount(2);
      await settled(page);
    },
  })),
  {
    name: 'Plan, a whole rib, held',
    open: async (page) => {
      await page.getByTestId('word-cut').click();
      await page.getByRole('radio', { name: 'Rib of beef on the bone', exact: true }).click();
      await page.getByTestId('word-oven').click();
      await page.getByRole('radio', { name: /^Tented/ }).click();
      await page.getByRole('button', { name: 'Done' }).click();
      await page.waitForTimeout(4000);
    },
  },
  {
    name: 'Plan, sides and their allergens',
    open: async (page) => {
      await page.getByRole('button', { name: 'Add a side or sauce' }).click();
      await page.getByRole('button', { name: 'Pan sauce' }).click();
      await page.getByRole('button', { name: /^Pan sauce: contains/ }).click();
      await settled(page);
    },
  },
  {
    name: 'Plan, chapters open',
    open: async (page) => {
      for (const chapter of ['Pan and fat', 'Rest and serve', 'Buying']) await press(chapter)(page);
    },
  },
  { name: 'Card', open: go('/card', /Strip steak|Rib of beef/) },
  {
    name: 'Plan, described',
    open: async (page, url) => {
      await page.evaluate(() => localStorage.removeItem('crustan.request'));
      await openPlan(page, url);
      await press('Describe what you cook')(page);
      const field = page.getByRole('textbox', { name: 'Describe what you cook' });
      await field.fill('two ribeyes, 4 cm, medium rare at eight, with a mountain of chips');
      await press('Fill the sentence', /^“mountain” was not used/)(page);
      await page.waitForTimeout(1500);
    },
  },
];

const STOVE: readonly Stop[] = [
  { name: 'Stove, nothing on', stove: true, open: go('/stove', 'Nothing is cooking') },
  {
    name: 'Stove, before the pan',
    stove: true,
    open: async (page, url) => {
      await page.evaluate(() => localStorage.removeItem('crustan.request'));
      await openPlan(page, url);
      await press('Start at the stove')(page);
      await expect(page.getByRole('timer')).toBeVisible();
    },
  },
  {
    name: 'Stove, the pan is on',
    stove: true,
    open: async (page) => {
      await pressOn(page, 'The pan is on');
      await settled(page);
    },
  },
  {
    name: 'Stove, in the pan',
    stove: true,
    open: async (page) => {
      await pressOn(page, 'It is in the pan');
      await page.waitForTimeout(2500);
    },
  },
  { name: 'Stove, a reading', stove: true, open: press('Add a reading') },
  {
    name: 'Stove, a reading refused',
    stove: true,
    open: async (page) => {
      await page.getByRole('textbox', { name: /Core temperature/ }).fill('900');
      await press('Keep reading')(page);
    },
  },
  {
    name: 'Stove, trouble',
    stove: true,
    open: async (page) => {
      await press('Cancel')(page);
      await press('Trouble')(page);
    },
  },
  { name: 'Stove, a way out', stove: true, open: press('Guests are late', /^Ends at/) },
  {
    name: 'Stove, more',
    stove: true,
    open: async (page) => {
      await press('Nothing is wrong')(page);
      await press('More')(page);
    },
  },
  ...(['Thermometers', 'Calling me', 'Another piece', 'What happened', 'Words'] as const).map(
    (panel): Stop => ({
      name: `Stove, more, ${panel}`,
      stove: true,
      open: radio(panel),
    }),
  ),
  {
    name: 'Stove, turned',
    stove: true,
    open: async (page) => {
      await press('Back to the cook')(page);
      await pressOn(page, 'I turned it');
      await settled(page);
    },
  },
  {
    name: 'Stove, resting',
    stove: true,
    open: async (page) => {
      await pressOn(page, 'It is out of the pan');
      await settled(page);
    },
  },
  {
    name: 'Stove, judging',
    stove: true,
    open: async (page) => {
      await pressOn(page, 'I sliced it');
      await expect(page.getByRole('heading', { name: 'How was it?' })).toBeVisible();
      await settled(page);
    },
  },
  { name: 'Practice', stove: true, open: go('/practice', 'The course') },
  {
    name: 'Practice, a lesson',
    stove: true,
    open: press(/A strip in the pan/, /Into the pan/),
  },
];

const PASS: readonly Stop[] = [
  { name: 'Pass, none open', open: go('/pass', /Continue: tonight|Open a service/) },
  {
    name: 'Pass, board',
    stove: true,
    open: async (page) => {
      await press('Continue: tonight', 'Along the clock')(page);
      await page.waitForTimeout(2500);
    },
  },
  { name: 'Pass, tickets', stove: true, open: tab('Tickets', 'Take an order') },
  {
    name: 'Pass, tickets, an allergy',
    stove: true,
    open: press('Add an allergy', 'crustaceans'),
  },
  { name: 'Pass, menu', open: tab('Menu', 'Add the plan to the menu') },
  { name: 'Pass, tomorrow', open: tab('Prep', /prepare|No past days/) },
  { name: 'Pass, after', open: tab('Report', /last week|tables/) },
];

const BOOK: readonly Stop[] = [
  { name: 'Book', open: go('/book', 'Sunday ribeye') },
  {
    name: 'Book, a cook',
    open: async (page) => {
      await page.getByRole('link', { name: /Sunday ribeye/ }).click();
      await expect(page.getByText('The slice, simulated with your times')).toBeVisible();
      await page.waitForTimeout(1500);
    },
  },
  {
    name: 'Book, a judgement edited',
    open: press('Edit the judgement', /Measured peak/),
  },
  {
    name: 'Book, filters',
    open: async (page, url) => {
      await go('/book', 'Sunday ribeye')(page, url);
      await press('Filters')(page);
    },
  },
  { name: 'Book, learned', open: go('/book/learned', /past cooks are foreseen/) },
  { name: 'Book, learned, set by hand', open: press('Set by hand') },
  { name: 'Book, trends', open: go('/book/trends', 'Liked best') },
  { name: 'Book, files', open: go('/book/files', 'Import') },
  { name: 'Book, trials', open: go('/book/trials', 'Plan a trial') },
  {
    name: 'Book, a trial',
    open: async (page) => {
      await page.getByRole('listitem').first().getByRole('link').click();
      await expect(page.getByText('What it shows, and what it cannot')).toBeVisible();
      // The slices come once the cooks were run again: before them their places are empty.
      await expect(page.getByRole('img', { name: /^Slice of / }).first()).toBeVisible();
      await settled(page);
    },
  },
  { name: 'Book, written down', open: go('/book/new', /./) },
  { name: 'Kitchen', open: go('/kitchen', 'On this screen') },
];

export const TOUR: readonly Stop[] = [...PLAN, ...STOVE, ...PASS, ...BOOK];
