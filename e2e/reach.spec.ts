import { expect, openPlan, test } from './kitchen';

test('a page of an older build is told so, but not in the middle of a cook', async ({
  page,
  own,
}) => {
  await page.route('**/api/v1/me', async (route) => {
    const answer = await route.fetch();
    const said: unknown = await answer.json();
    await route.fulfill({ json: { ...Object(said), build: 'newer' } });
  });
  await openPlan(page, own.url);
  await expect(page.getByText('A newer Crustan is here.')).toBeVisible();
  await page.getByRole('button', { name: 'Start at the stove' }).click();
  await expect(page.getByTestId('happened')).toBeVisible();
  await expect(page.getByText('A newer Crustan is here.')).toHaveCount(0);
  await page.unroute('**/api/v1/me');
});

test('the page can be put on a home screen: its manifest and icons are there', async ({ own }) => {
  const found = await fetch(`${own.url}/manifest.webmanifest`);
  const manifest: { icons: { src: string; sizes: string }[]; start_url: string } =
    await found.json();
  expect(manifest.start_url).toBe('/');
  for (const { src } of manifest.icons) {
    const icon = await fetch(own.url + src);
    expect([icon.status, icon.headers.get('content-type')]).toEqual([200, 'image/png']);
  }
});

test('is ready, and describes what it can be asked', async ({ own }) => {
  expect(await (await fetch(`${own.url}/readyz`)).json()).toEqual({ status: 'ready' });
  const described: { openapi: string; paths: Record<string, unknown> } = await (
    await fetch(`${own.url}/api/v1/openapi.json`)
  ).json();
  expect(described.openapi).toBe('3.1.0');
  expect(Object.keys(described.paths).length).toBeGreaterThan(30);
});
