import type { Browser, BrowserContext, Page, Request } from '@playwright/test';
import type { Language } from '@crustan/messages';
import { z } from 'zod';
import type { fastClock } from '../passLine';
import { withClock } from '../passLine';
import { eveningWords, type EveningWords } from './eveningWords';

/** Place on the line, by the id of its message. */
export type Station = 'everything' | 'stove' | 'oven' | 'plates';

/** The service as a phone shows it. */
export interface Shown {
  /** The next thing: what it says when it is called, and whether it is due. */
  readonly next: { readonly words: string; readonly ready: boolean } | undefined;
  /** `Table 7: ready 19:32`, for every open table. */
  readonly lanes: readonly string[];
  /** Alerts: tables that find no place, a menu that is missing. */
  readonly alerts: readonly string[];
  /** Calls of the page since it was opened, oldest first. */
  readonly calls: readonly HeardCall[];
  /** Longest delay of the page's timers since the last look, ms: a busy machine does not run the page. */
  readonly delayMs: number;
}

/** Something that a phone said aloud, and when, ms of the world's time. */
export interface HeardCall {
  readonly text: string;
  readonly at: number;
}

/** A schedule that a phone published. */
export interface Published {
  readonly seq: number;
  /** Kitchen's time of the schedule, and of the one that it improves, ms. */
  readonly at: number;
  readonly improves?: number | undefined;
  /** Time at which the server answered, ms of the world's time, and its status. */
  readonly answeredAt: number;
  readonly status: number | undefined;
}

const publishedSchema = z.object({
  seq: z.number(),
  at: z.number(),
  improves: z.number().optional(),
});

export interface Phone {
  readonly name: Station;
  readonly words: EveningWords;
  readonly context: BrowserContext;
  readonly page: Page;
  /** Duration of each request that added entries to the log, ms. */
  readonly pressMs: number[];
  readonly published: Published[];
  readonly errors: string[];
}

/** Locale of a browser in each language. */
const LOCALES = { en: 'en-GB', es: 'es-ES' } as const;

/** Opens a phone whose calls are heard, on a clock that runs faster. */
export const openPhone = async (
  browser: Browser,
  name: Station,
  clock: ReturnType<typeof fastClock>,
  language: Language,
): Promise<Phone> => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    isMobile: true,
    hasTouch: true,
    locale: LOCALES[language],
  });
  await withClock(context, clock);
  await context.addInitScript(() => {
    const kept = {
      ...{ sound: false, vibration: false, voice: true, notification: false },
      ...{ headStart: 15, leftHanded: false },
    };
    localStorage.setItem('crustan.attention', JSON.stringify(kept));
    const calls: { text: string; at: number }[] = [];
    const timers = { last: performance.now(), delayMs: 0 };
    setInterval(() => {
      const now = performance.now();
      timers.delayMs = Math.max(timers.delayMs, now - timers.last - 100);
      timers.last = now;
    }, 100);
    Object.assign(window, {
      calls,
      timers,
      SpeechSynthesisUtterance: class {
        constructor(readonly text: string) {}
      },
    });
    Object.defineProperty(window, 'speechSynthesis', {
      value: {
        cancel: () => undefined,
        speak: ({ text }: { text: string }) =>
          calls.push({ text, at: performance.timeOrigin + performance.now() }),
      },
    });
  });
  const page = await context.newPage();
  const [pressMs, errors, published]: [number[], string[], Published[]] = [[], [], []];
  page.on('requestfinished', (request) => {
    const isPress = request.method() === 'POST' && request.url().endsWith('/log');
    if (isPress) pressMs.push(request.timing().responseEnd);
  });
  const note = async (request: Request): Promise<void> => {
    if (request.method() !== 'PUT' || !request.url().endsWith('/told')) return;
    const body = publishedSchema.parse(request.postDataJSON());
    const answer = await request.response().catch(() => null);
    published.push({ ...body, answeredAt: Date.now(), status: answer?.status() });
  };
  page.on('requestfinished', (request) => void note(request));
  page.on('requestfailed', (request) => void note(request));
  page.on('pageerror', (error) => errors.push(error.message));
  return { name, words: eveningWords(language), context, page, pressMs, published, errors };
};

/**
 * The next thing on the board, in the page.
 * @param wanted if this is the next thing, its button is tapped in the same moment: boards change by themselves
 * @returns its words, and whether it was tapped
 */
const nextThing = (wanted: string | undefined): { words: string; tapped: boolean } => {
  const due = document.querySelector('[data-testid="due"]');
  const said = due?.parentElement?.parentElement?.querySelector('[aria-live="polite"]');
  const words = [...(said?.children ?? [])].map((one) => one.textContent ?? '').join(': ');
  const button = document.querySelector<HTMLButtonElement>('[data-testid="happened"]');
  const tapped =
    button !== null && !button.disabled && button.ariaDisabled !== 'true' && words === wanted;
  if (tapped) button.click();
  return { words, tapped };
};

/** Reads what a phone shows, in one look. */
export const look = async ({ page, words: { t, due } }: Phone): Promise<Shown> => {
  const { words } = await page.evaluate(nextThing, undefined);
  return page.evaluate(
    ({ next, now, late, along }) => {
      const when = document.querySelector('[data-testid="due"]')?.textContent ?? '';
      const calls: HeardCall[] = Reflect.get(window, 'calls') ?? [];
      const timers: { last: number; delayMs: number } = Reflect.get(window, 'timers');
      const delayMs = Math.max(timers.delayMs, performance.now() - timers.last - 100);
      timers.delayMs = 0;
      return {
        next: next === '' ? undefined : { words: next, ready: when === now || when.endsWith(late) },
        lanes: [...document.querySelectorAll(`[aria-label="${along}"] [role="listitem"]`)].map(
          (one) => one.getAttribute('aria-label') ?? '',
        ),
        alerts: [...document.querySelectorAll('[role="alert"]')].map(
          (one) => one.textContent ?? '',
        ),
        calls,
        delayMs,
      };
    },
    { next: words, ...due, along: t('tables-along-the-clock') },
  );
};

/** Taps that the next thing was done, if it is still that one. @returns whether it was */
export const tapNext = async ({ page }: Phone, words: string): Promise<boolean> =>
  (await page.evaluate(nextThing, words)).tapped;

export const toTab = async (
  { page, words: { t } }: Phone,
  tab: 'tasks' | 'tickets',
): Promise<void> => {
  await page.getByRole('tab', { name: t(tab) }).click();
};

export const chooseStation = async ({ page, name, words: { t } }: Phone): Promise<void> => {
  await page.getByRole('radio', { name: t(name), exact: true }).click();
};
