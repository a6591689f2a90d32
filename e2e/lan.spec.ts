import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import { CHROMIUM_ARGS, ensureChromium, homeThatTrusts } from '../scripts/chromium.mjs';
import { LAN_NAME, startServed, type Served } from '../scripts/served.mjs';
import { expect, findings, fits, showsFigures, test } from './kitchen';

/** The kitchen's name leads to this machine, every other nowhere. */
const args = CHROMIUM_ARGS.map((arg) =>
  arg.startsWith('--host-resolver-rules=') ? arg.replace('=', `=MAP ${LAN_NAME} 127.0.0.1, `) : arg,
);
const PHONE = {
  viewport: { width: 390, height: 844 },
  isMobile: true,
  hasTouch: true,
  locale: 'en-GB',
};

let served: Served;
let home = '';
let trusting: Browser;
test.beforeAll(async () => {
  served = await startServed({ demo: true, lan: true });
  home = mkdtempSync(path.join(os.tmpdir(), 'crustan-home-'));
  homeThatTrusts(home, path.join(served.folder, 'authority/authority.crt'));
  trusting = await chromium.launch({
    executablePath: ensureChromium(),
    args,
    env: { ...process.env, HOME: home },
  });
});
test.afterAll(async () => {
  await trusting.close();
  await served.stop();
  rmSync(home, { recursive: true, force: true });
});

const kitchen = (): string => `https://${LAN_NAME}:${served.lanPort}`;

/** The owner's machine shows a code. */
const codeFrom = async (owner: Page, role: 'Cooks' | 'View only'): Promise<string> => {
  await owner.goto(`${served.url}/kitchen`);
  await owner.getByRole('radio', { name: role }).first().click();
  await owner.getByRole('button', { name: /Pair a phone|Another code/ }).click();
  await expect(owner.getByText(/^Good once, for [45]:/)).toBeVisible();
  return (await owner.getByTestId('pairing-code').textContent()) ?? '';
};

const pair = async (phone: Page, code: string, name: string): Promise<void> => {
  await phone.goto(kitchen());
  await expect(phone).toHaveURL(`${kitchen()}/pair`);
  await phone.getByLabel('The six digits').fill(code);
  await phone.getByLabel('What this phone is called').fill(name);
  await phone.getByRole('button', { name: 'Pair' }).click();
};

test(
  'a phone is paired, works without the network, and is let go at once',
  { tag: '@deep' },
  async ({ page }) => {
    const context = await trusting.newContext(PHONE);
    await context.grantPermissions(['notifications'], { origin: kitchen() });
    const phone = await context.newPage();
    const code = await codeFrom(page, 'Cooks');
    await expect(page.getByText(kitchen(), { exact: true })).toBeVisible();
    expect(await findings(page)).toEqual([]);
    await fits(page);
    await phone.goto(kitchen());
    expect(await findings(phone)).toEqual([]);
    await pair(phone, code, 'By the stove');
    await showsFigures(phone);
    // The code was good once.
    const second = await context.browser()?.newContext(PHONE);
    const stranger = await second?.newPage();
    if (!second || !stranger) throw new Error('no second browser');
    await pair(stranger, code, 'A stranger');
    await expect(stranger.getByRole('alert')).toHaveText(/No code is good at present/);

    const has = await phone.evaluate(async () => ({
      secure: window.isSecureContext,
      wakeLock: 'wakeLock' in navigator,
      notifications: Notification.permission,
      cookie: document.cookie,
    }));
    expect(has).toEqual({ secure: true, wakeLock: true, notifications: 'granted', cookie: '' });

    // A kept plan is read, then everything again without the network.
    await phone.keyboard.press('Shift');
    await expect
      .poll(() => phone.evaluate(async () => !!(await navigator.serviceWorker.ready).active))
      .toBe(true);
    await phone.reload();
    await phone.getByRole('link', { name: 'Logbook' }).click();
    const cooks = phone.getByRole('listitem');
    await expect(cooks.first()).toBeVisible();
    const title = await cooks.first().textContent();
    await context.setOffline(true);
    await phone.reload();
    await expect(cooks.first()).toHaveText(title ?? '');
    await phone.getByRole('link', { name: 'Plan', exact: true }).click();
    await showsFigures(phone);
    await context.setOffline(false);

    await page.goto(`${served.url}/kitchen`);
    await page.getByRole('button', { name: 'Revoke By the stove' }).click();
    await expect(page.getByText('No phone is paired yet.')).toBeVisible();
    expect(await phone.evaluate(async () => (await fetch('/api/v1/plans')).status)).toBe(401);
    await expect(phone.getByRole('alert')).toHaveText(/This phone is not paired/, {
      timeout: 25_000,
    });
    expect(await phone.evaluate(() => caches.has('book'))).toBe(false);
    await phone.getByRole('button', { name: 'Pair it' }).click();
    await expect(phone).toHaveURL(`${kitchen()}/pair`);
    await context.close();
    await second.close();
  },
);

test(
  'a phone that watches sees Stove and Pass, and has nothing to press',
  { tag: '@deep' },
  async ({ page }) => {
    const context = await trusting.newContext(PHONE);
    const phone = await context.newPage();
    await pair(phone, await codeFrom(page, 'View only'), 'Dining room');
    await expect(phone.getByText('This phone watches.')).toBeVisible();
    await expect(phone.getByRole('link')).toHaveText(['Stove', 'Service']);
    const refused = await phone.evaluate(async () => {
      const id = crypto.randomUUID();
      const events = JSON.stringify({ events: [] });
      const headers = { 'Content-Type': 'application/json' };
      const statuses = [
        await fetch(`/api/v1/cooks/${id}/events`, { method: 'POST', headers, body: events }),
        await fetch('/api/v1/book/book.json'),
        await fetch('/api/v1/phones'),
      ];
      return statuses.map(({ status }) => status);
    });
    expect(refused).toEqual([403, 403, 403]);

    // It is taken to Stove, and follows the service that the owner's page runs.
    await expect(phone).toHaveURL(`${kitchen()}/stove`);
    await phone.getByRole('link', { name: 'Service' }).click();
    await expect(phone.getByRole('tab')).toHaveCount(0);
    await phone.getByRole('button', { name: 'Watch: tonight' }).click();
    await expect(phone.getByRole('heading', { name: /Heat to/ })).toBeVisible();
    await page.goto(`${served.url}/pass`);
    await page.getByRole('button', { name: 'Continue: tonight' }).click();
    await page.getByRole('tab', { name: 'Tasks' }).click();
    await page.getByTestId('happened').click();
    await expect(phone.getByRole('heading', { name: /Set to/ })).toBeVisible();
    await expect(phone.getByTestId('happened')).toHaveCount(0);
    expect(await findings(phone)).toEqual([]);
    await phone.keyboard.press('n');
    await phone.waitForTimeout(500);
    await expect(phone.getByRole('heading', { name: /Set to/ })).toBeVisible();
    await context.close();
  },
);

test('a browser that does not trust the kitchen, or is not paired, gets nothing', async ({
  page,
}) => {
  const other = await chromium.launch({ executablePath: ensureChromium(), args });
  const stranger = await other.newContext();
  await expect((await stranger.newPage()).goto(kitchen())).rejects.toThrow(
    /ERR_CERT_AUTHORITY_INVALID/,
  );
  const welcome = `http://${LAN_NAME}:${served.welcomePort}`;
  const distrusting = await stranger.newPage();
  await distrusting.goto(welcome);
  await expect(distrusting.getByRole('heading', { level: 1 })).toHaveText(
    'Get Crustan on this phone',
  );
  await expect(distrusting.getByRole('link', { name: kitchen() })).toBeVisible();
  expect(await findings(distrusting)).toEqual([]);
  await other.close();

  const unpaired = await trusting.newPage();
  for (const where of ['/stove', '/book', '/index.html', '/']) {
    await unpaired.goto(kitchen() + where);
    await expect(unpaired).toHaveURL(`${kitchen()}/pair`);
  }
  const statuses = await unpaired.evaluate(async () =>
    Promise.all(
      ['/api/v1/plans', '/api/plans', '/healthz', '/sw.js', '/manifest.webmanifest'].map(
        async (where) => (await fetch(where)).status,
      ),
    ),
  );
  expect(statuses).toEqual([401, 401, 401, 401, 401]);
  await unpaired.close();
  await page.goto(`${served.url}/kitchen`);
});
