import type { BrowserContext, Page } from '@playwright/test';
import { serviceInFullSchema, serviceListSchema } from '@crustan/core/formats';
import { serviceState } from '@crustan/core/pass';
import { expect } from './kitchen';

/** A clock that runs faster by this factor, the same on every page that gets it. */
export const fastClock = (speed: number) => {
  const now = Date.now();
  return { offset: 0, speed, real: now, shown: now };
};

export const withClock = async (
  context: BrowserContext,
  clock: ReturnType<typeof fastClock>,
): Promise<void> => {
  await context.addInitScript((kept) => {
    localStorage.setItem('crustan.clock', JSON.stringify(kept));
  }, clock);
};

export const openService = async (page: Page, url: string): Promise<void> => {
  await page.goto(`${url}/pass`);
  await page.getByRole('button', { name: 'Open a service' }).click();
  await page.getByRole('tab', { name: 'Tickets' }).click();
};

export const order = async (
  page: Page,
  table: string,
  pieces: readonly string[],
  when = 'As soon as possible',
): Promise<void> => {
  await page.getByRole('textbox', { name: 'Table' }).fill(table);
  for (const piece of pieces) await page.getByRole('button', { name: `Add ${piece}` }).click();
  await page.getByRole('radio', { name: when }).click();
  await page.getByRole('button', { name: 'Add the order' }).click();
  const tickets = page.getByRole('list', { name: 'Tickets' });
  await expect(tickets.getByText(`Table ${table}`, { exact: true })).toBeVisible();
};

/** Does what the board says when it says it, until it has nothing more or `until` holds. */
export const cookOn = async (page: Page, until: () => Promise<boolean>): Promise<void> => {
  const happened = page.getByTestId('happened');
  while (!(await until())) {
    const due = await page.getByTestId('due').allTextContents();
    const ready = due.findIndex((words) => words === 'now' || words.endsWith('late'));
    if (ready === -1) await page.waitForTimeout(60);
    // A due step may have been done on the other page meanwhile.
    else
      await happened
        .nth(ready)
        .click({ timeout: 1000 })
        .catch(() => undefined);
  }
};

/** Contents of the newest service in the logbook. */
export const inBook = async (url: string) => {
  const { services } = serviceListSchema.parse(await (await fetch(`${url}/api/services`)).json());
  const [newest] = services.toSorted((a, b) => b.opensAt - a.opensAt);
  const answer = await fetch(`${url}/api/services/${newest?.id}`);
  const found = serviceInFullSchema.parse(await answer.json());
  return { ...found, state: serviceState(found.events) };
};

export const sentIn = async (url: string): Promise<number> => {
  try {
    return (await inBook(url)).state.tickets.filter(({ state }) => state === 'sent').length;
  } catch {
    // The server is down for a moment.
    return 0;
  }
};

export const slicedIn = async (url: string): Promise<number> =>
  (await inBook(url)).cooks.filter(({ events }) => events.some(({ kind }) => kind === 'sliced'))
    .length;

export const STRIP = 'Strip, 30 mm, medium-rare';
export const SALMON = 'Salmon on its skin, just set';
