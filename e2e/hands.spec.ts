import type { Page } from '@playwright/test';
import { startServed } from '../scripts/served.mjs';
import { expect, findings, fits, openPlan, pressOn, setFigure, test } from './kitchen';

const settle = async (page: Page, attention: object): Promise<void> => {
  await page.addInitScript(
    (kept) => localStorage.setItem('crustan.attention', JSON.stringify(kept)),
    {
      sound: true,
      vibration: true,
      voice: false,
      notification: false,
      headStart: 15,
      leftHanded: false,
      ...attention,
    },
  );
};

/** Output of the audio graph of a pan, and the requested level. */
const soundOf = async (page: Page) => {
  const meter = page.getByTestId('sound-meter');
  const [asked, heard] = await Promise.all([
    meter.getAttribute('aria-valuenow'),
    meter.getAttribute('data-heard'),
  ]);
  return { asked: Number(asked ?? NaN), heard: Number(heard ?? NaN) };
};

test(
  'the pan sounds as its steam says: louder in a hot pan than in one too cool, silent out of it',
  { tag: '@deep' },
  async ({ page, own }) => {
    await page.goto(`${own.url}/practice`);
    await page.getByRole('button', { name: /A pan that is too cool/ }).click();
    await page.getByRole('button', { name: 'Hear the pan' }).click();
    await expect.poll(async () => (await soundOf(page)).heard).not.toBeNaN();
    await page.waitForTimeout(1500);
    const cool = await soundOf(page);
    await page.getByRole('button', { name: 'Onto the board' }).click();
    await expect.poll(async () => (await soundOf(page)).heard).toBeLessThan(0.002);
    await page.getByRole('radio', { name: '100', exact: true }).click();
    await page.getByRole('radio', { name: '30×' }).click();
    await page.waitForTimeout(7000);
    await page.getByRole('radio', { name: '1×' }).click();
    await page.getByRole('button', { name: 'Into the pan' }).click();
    await expect.poll(async () => (await soundOf(page)).asked).toBeGreaterThan(50);
    await expect.poll(async () => (await soundOf(page)).heard).toBeGreaterThan(0.03);
    const hot = await soundOf(page);
    expect(hot.asked).toBeGreaterThan(cool.asked + 15);
    expect(hot.heard).toBeGreaterThan(2 * cool.heard);
  },
);

test(
  'at the stove the pan can be heard, and its volume and every call tried',
  { tag: '@deep' },
  async ({ page, own }) => {
    await settle(page, {});
    await openPlan(page, own.url);
    await page.getByRole('button', { name: 'Start at the stove' }).click();
    await pressOn(page, 'It is in the pan');
    await page.getByRole('button', { name: 'Hear how the pan should sound' }).click();
    await expect
      .poll(async () => (await soundOf(page)).heard, { timeout: 30_000 })
      .toBeGreaterThan(0.01);
    await page.getByRole('button', { name: 'Quiet' }).click();
    await expect(page.getByTestId('sound-meter')).toBeHidden();
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('radio', { name: 'Calling me' }).click();
    await page.getByRole('slider', { name: 'Volume' }).fill('0');
    await expect(page.getByText('Volume, 0 %')).toBeVisible();
    for (const call of ['Soon', 'Turn', 'Move', 'Out', 'Next']) {
      await page.getByRole('button', { name: call, exact: true }).click();
    }
    expect(await findings(page)).toEqual([]);
  },
);

test(
  'wet hands: nothing scrolls, and what would cost is held',
  { tag: '@deep' },
  async ({ page, own }) => {
    await settle(page, { wetHands: true, sound: false });
    await openPlan(page, own.url);
    await setFigure(page, 'thickness', /Thickness in mm/, '40');
    await setFigure(page, 'weight', /Weight in g/, '450');
    await page.getByTestId('way-sear-oven').click();
    await page.getByRole('button', { name: 'Start at the stove' }).click();
    const wet = page.getByTestId('wet-hands');
    await expect(wet).toBeVisible();
    const scrolls = await wet.evaluate((all) => all.scrollHeight > all.clientHeight + 1);
    expect(scrolls).toBe(false);
    const size = await page.getByTestId('happened').boundingBox();
    expect(size?.height).toBeGreaterThanOrEqual(190);
    await pressOn(page, 'It is in the pan');
    await pressOn(page, 'I turned it');
    // A slip says nothing; a held finger does.
    const happened = page.getByTestId('happened');
    await expect(happened).toHaveText('It is in the ovenHold it');
    await page.waitForTimeout(1000);
    await happened.click();
    await expect(happened).toHaveText(/Longer: keep the finger on it/);
    await happened.click({ delay: 900 });
    await expect(happened).toHaveText('It is out of the ovenHold it');
    await page.getByRole('button', { name: 'Take back' }).click();
    await expect(happened).toHaveText('It is in the ovenHold it');
    expect(await findings(page)).toEqual([]);
    await fits(page);
  },
);

test(
  'trouble that the readings see is offered a way out, once: taken, or declined for good',
  { tag: '@deep' },
  async ({ page }) => {
    const served = await startServed();
    try {
      const link = async (): Promise<void> => {
        await page.getByRole('button', { name: 'More' }).click();
        await page.getByRole('radio', { name: 'Thermometers' }).click();
        await page.getByRole('button', { name: /Link the stand-in/ }).click();
        await page.getByRole('radio', { name: '60×' }).click();
        await page.getByRole('button', { name: 'Back to the cook' }).click();
      };
      await openPlan(page, served.url);
      await setFigure(page, 'thickness', /Thickness in mm/, '45');
      await setFigure(page, 'weight', /Weight in g/, '500');
      await page.getByTestId('way-oven-sear').click();
      await page.getByRole('button', { name: 'Start at the stove' }).click();
      await pressOn(page, 'It is in the oven');
      await link();
      const offer = page.getByTestId('offer');
      await expect(offer).toBeVisible({ timeout: 90_000 });
      await expect(offer).toHaveText(/the plate is .*; without it, \d+ min (late|early)/);
      await offer.getByRole('button', { name: 'Keep the plan' }).click();
      await expect(offer).toBeHidden();
      await page.waitForTimeout(3000);
      await expect(offer).toBeHidden();
      await page.reload();
      await expect(page.getByTestId('forecast')).toContainText(/Due/);
      await page.waitForTimeout(3000);
      await expect(offer).toBeHidden();
    } finally {
      await served.stop();
    }
  },
);
