import { expect, test } from '@playwright/test';
import { layoutFaults } from './layoutFaults';
import { lengthenTexts } from './lengthenTexts';

const PAGE = (body: string): string =>
  `<!doctype html><meta name="viewport" content="width=device-width, initial-scale=1"><style>*{box-sizing:border-box;margin:0;font:16px/24px sans-serif}button{min-width:48px;min-height:48px}</style>${body}`;
const FAULTS: readonly (readonly [name: string, body: string, fault: RegExp])[] = [
  [
    'sideways scrolling',
    '<div style="width:500px;height:10px"></div>',
    /scrolls sideways by 11\d px/,
  ],
  [
    'text past the right edge',
    '<div style="overflow-x:hidden;width:390px"><p style="margin-left:360px;white-space:nowrap">far too long</p></div>',
    /“far too long” goes \d+ px past the right edge/,
  ],
  [
    'a button past the right edge',
    '<div style="overflow:hidden;width:390px;height:60px;position:relative"><button style="position:absolute;left:200px;width:469px">Add a reading</button></div>',
    /“Add a reading” goes \d+ px past the right edge/,
  ],
  [
    'text on text',
    '<p>The list of words</p><p style="margin-top:-20px">Doneness scale</p>',
    /“The list of words” overlaps “Doneness scale”/,
  ],
  [
    'a small touch target',
    '<button style="min-width:0;min-height:0;width:40px;height:20px;padding:0">x</button>',
    /“x” is 40 by 20 px to the touch/,
  ],
  [
    'an empty gap',
    '<div style="overflow-y:auto;height:844px"><p>one</p><p style="margin-top:300px">two</p></div>',
    /a gap of 3\d\d px before “two”/,
  ],
];

test.use({ viewport: { width: 390, height: 844 } });

for (const [name, body, fault] of FAULTS) {
  test(`the layout check finds ${name}, and only that`, async ({ page }) => {
    await page.setContent(PAGE(body));
    const found = await layoutFaults(page, { touch: 24 });
    expect(found.length).toBeGreaterThan(0);
    for (const one of found) expect(one).toMatch(fault);
  });
}

test('the layout check finds nothing in a sound page', async ({ page }) => {
  const lines = Array.from({ length: 60 }, (_, i) => `<p>Line ${i}</p>`).join('');
  await page.setContent(
    PAGE(`<div style="height:844px;position:relative;overflow:hidden">
      <div style="height:844px;overflow-y:auto;overflow-x:hidden">${lines}
        <div style="overflow-x:auto;width:100%"><p style="width:900px">wide in its own scroller</p></div></div>
      <div style="position:absolute;bottom:0;left:0;right:0;height:60px;background:#fff"><button>Start</button></div>
      <span style="position:absolute;width:1px;height:1px;clip:rect(0px,0px,0px,0px);white-space:nowrap">for readers</span>
    </div>`),
  );
  expect(await layoutFaults(page, { touch: 24 })).toEqual([]);
});

test('a label that only fits in English is found with longer texts, which are restored after it', async ({
  page,
}) => {
  const label = '<p style="margin-left:280px;white-space:nowrap">Add a reading</p><p>65 °C</p>';
  await page.setContent(PAGE(`<div style="overflow-x:hidden;width:390px">${label}</div>`));
  const english = await page.locator('div').innerHTML();
  expect(await layoutFaults(page, { touch: 24 })).toEqual([]);
  const restore = await lengthenTexts(page);
  await expect(page.getByText('65 °C', { exact: true })).toBeVisible();
  const [fault] = await layoutFaults(page, { touch: 24 });
  expect(fault).toMatch(/“Ådd á rêádïñg .*” goes \d+ px past the right edge/);
  await restore();
  expect(await page.locator('div').innerHTML()).toBe(english);
});
