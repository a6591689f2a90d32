import { cookListSchema, cookRecordSchema } from '@crustan/core/formats';
import { effectiveEvents } from '@crustan/core/cook';
import { planFourSteaks, startAll } from '../fourSteaks';
import { expect, test } from '../kitchen';
import { fastClock, withClock } from '../passLine';

/** Longest time between slicing the first and the last piece for one plate, s. */
const TOGETHER = 300;

/** Time at which each cook in the logbook was sliced, ms since 1970. */
const slicedIn = async (url: string): Promise<readonly number[]> => {
  const { cooks } = cookListSchema.parse(await (await fetch(`${url}/api/cooks`)).json());
  const all = await Promise.all(
    cooks.map(async ({ id }) => {
      const answer = await fetch(`${url}/api/cooks/${id}`);
      return effectiveEvents(cookRecordSchema.parse(await answer.json()).events);
    }),
  );
  return all.flatMap((events) =>
    events.filter(({ kind }) => kind === 'sliced').map(({ at }) => at),
  );
};

test(
  'four steaks at home, two of them more done: every call is answered, and they are sliced together',
  { tag: '@deep' },
  async ({ page, own }) => {
    test.setTimeout(400_000);
    await withClock(page.context(), fastClock(20));
    await planFourSteaks(page, own.url);
    await startAll(page, 2);

    // Whatever is due is pressed, until both lanes were sliced.
    const happened = page.getByTestId('happened');
    const due = page.getByRole('timer', { name: /late$/ });
    await expect(async () => {
      if (await due.isVisible()) await happened.click({ timeout: 1000 });
      expect(await slicedIn(own.url)).toHaveLength(2);
    }).toPass({ timeout: 300_000, intervals: [200] });
    const sliced = await slicedIn(own.url);
    expect((Math.max(...sliced) - Math.min(...sliced)) / 1000).toBeLessThan(TOGETHER);
  },
);
