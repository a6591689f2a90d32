import type { Browser } from '@playwright/test';
import type { Language } from '@crustan/messages';
import { DEFAULT_KITCHEN } from '@crustan/core/formats';
import type { Served, startServed } from '../../scripts/served.mjs';
import { fastClock, inBook } from '../passLine';
import type { Deed, Piece, TimedDeed } from './eveningPlan';
import { layoutFaults } from '../layout/layoutFaults';
import { noCounts, type EveningCounts } from './eveningCounts';
import { eveningWords } from './eveningWords';
import { HeardCalls } from './heardCalls';
import { heapBytes } from './heapBytes';
import { Lasting } from './lasting';
import {
  chooseStation,
  look,
  openPhone,
  tapNext,
  toTab,
  type Phone,
  type Shown,
  type Station,
} from './phone';

/** Time in which a board must place an order or say why not, ms of the world's time. */
const PLACED_WITHIN = 10_000;
/** Time in which boards must agree, ms. */
const AGREE_WITHIN = 2000;
/** Time in which a due thing must be called, ms. */
const CALLED_WITHIN = 3000;
/** Time in which a tap must show, ms. */
const SHOWN_WITHIN = 6000;
/** Time to catch up after a phone was offline, without a server or reloaded, ms. */
const CATCHES_UP = 10_000;
/** Memory that the scripts of a page may use after any step, bytes. */
const MOST_HEAP = 120e6;
/** Smallest side of a touch target in the service, px. */
const TOUCH = 44;
/** Duration of a look at all phones above which it is not compared, ms. */
const STARVED = 700;
/** Delay of a page's timers from which its seconds are not judged until it has caught up, ms. */
const DELAYED = 800;
/** An evening that takes longer than this is given up, minutes of the kitchen's clock. */
const LONGEST = 400;

/** Name of the dish and of the doneness of each piece. */
const PIECES: Readonly<Record<Piece, readonly [dish: string, doneness: string]>> = {
  strip: ['Strip, 30 mm', 'medium-rare'],
  rare: ['Strip, 30 mm', 'rare'],
  salmon: ['Salmon on its skin', 'just set'],
};

export interface EveningSetting {
  /** Starts the server. */
  readonly start: typeof startServed;
  /** Times faster than the world's clock. */
  readonly speed: number;
  /** Stations of the phones; the first takes the orders. */
  readonly stations: readonly [Station, ...Station[]];
  /** Language of the browsers. */
  readonly language?: Language;
  /** Hears what happens as it happens. */
  readonly tell?: (words: string) => void;
}

/** A phone for each place on the line. */
export const THREE_PHONES = ['plates', 'stove', 'oven'] as const;

const sleep = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** A kitchen with a pair of hands for each phone. */
const setHands = async (url: string, hands: number): Promise<void> => {
  const address = `${url}/api/kitchen`;
  const version = (await fetch(address)).headers.get('ETag') ?? '"0"';
  await fetch(address, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'If-Match': version },
    body: JSON.stringify({ kitchen: { ...DEFAULT_KITCHEN, hands } }),
  });
};

/**
 * Runs an evening on three phones, the stove's, the oven's and the plates', with a server of its own: the phones take
 * orders and do the tasks that their boards call, and after every step the boards are checked against their promises.
 */
export const runEvening = async (
  browser: Browser,
  plan: readonly TimedDeed[],
  { start, speed, stations, language = 'en', tell = () => undefined }: EveningSetting,
): Promise<EveningCounts> => {
  let served: Served = await start({ demo: true });
  const { url, port, folder } = served;
  await setHands(url, stations.length);
  const clock = fastClock(speed);
  const words = eveningWords(language);
  const { t } = words;
  const minutes = (): number => ((Date.now() - clock.real) * speed) / 60_000;
  const counts = noCounts();
  const note = (what: string): void => {
    const timed = `${minutes().toFixed(1)} min: ${what}`;
    counts.notes.push(timed);
    tell(timed);
  };
  const phones: Phone[] = [];
  for (const name of stations) phones.push(await openPhone(browser, name, clock, language));
  const [plates, ...others] = phones;
  if (!plates) throw new Error('a phone');

  /** The first phone opens a service; the others take it up. */
  const openOnAll = async (): Promise<void> => {
    await plates.page.goto(`${url}/pass`);
    await plates.page.getByRole('button', { name: t('open-a-service') }).click();
    await chooseStation(plates);
    await plates.page.getByText(t('no-orders-yet')).first().waitFor();
    for (const phone of others) {
      await phone.page.goto(`${url}/pass`);
      await phone.page.getByRole('button', { name: words.continueOwn }).first().click();
      await chooseStation(phone);
      await phone.page.getByText(t('no-orders-yet')).first().waitFor();
    }
  };
  await openOnAll();

  /** A phone that is cut off, or catches up, is not held to anything until then. */
  const excused = new Map<Phone, number>();
  const excuse = (phone: Phone, ms: number): void => {
    excused.set(phone, Math.max(excused.get(phone) ?? 0, Date.now() + ms));
  };
  const excuseAll = (ms: number): void => phones.forEach((phone) => excuse(phone, ms));
  /** Tables that are to be cooked, and since when: ordered, fired, and neither cancelled nor sent. */
  const open = new Map<string, number>();
  const ordered = new Set<string>();
  const gone = new Set<string>();
  let backup: ArrayBuffer | undefined;
  const heard = new Map<Phone, HeardCalls>(phones.map((phone) => [phone, new HeardCalls(words)]));
  /** The last tap of each phone. */
  const tapped = new Map<Phone, { readonly words: string; readonly at: number }>();
  const readySince = new Map<Phone, { readonly words: string; readonly at: number }>();

  const ticket = (table: string) =>
    plates.page
      .getByRole('list', { name: t('tickets') })
      .getByRole('listitem')
      .filter({ hasText: words.tableNamed(table) });
  const onTickets = async (what: () => Promise<void>): Promise<void> => {
    await toTab(plates, 'tickets');
    await what();
    await toTab(plates, 'tasks');
    await chooseStation(plates);
  };

  /** Compares the service in the logbook with what was ordered, sent and cancelled on the phones. */
  const checkBook = async (): Promise<void> => {
    await sleep(2000);
    await toTab(plates, 'tickets');
    const kept = plates.page.getByTestId('service-kept');
    for (let i = 0; i < 40 && (await kept.textContent()) !== words.saved; i += 1) await sleep(500);
    const saved = (await kept.textContent()) === words.saved;
    const { state, cooks } = await inBook(url);
    const tables = state.tickets.map(({ table }) => table);
    const missing = [...ordered].filter((table) => !tables.includes(table));
    const unsent = state.tickets.filter(
      (one) => one.state !== (gone.has(one.table) ? 'cancelled' : 'sent'),
    );
    counts.lost += missing.length + unsent.length + (saved ? 0 : 1);
    if (saved && missing.length > 0) counts.falselySaved += 1;
    for (const table of missing) note(`lost: table ${table}`);
    for (const { table, state: is } of unsent) note(`table ${table} is ${is} in the logbook`);
    if (!saved) note('the plates’ phone never said that everything is in the logbook');
    counts.duplicated += tables.length - new Set(tables).size;
    for (const { id, events } of cooks) {
      for (const kind of ['in', 'pulled', 'sliced'] as const) {
        const times = events.flatMap((event) => (event.kind === kind ? [event.at] : []));
        if (times.length <= 1) continue;
        counts.duplicated += 1;
        const said = times.map((at) => new Date(at).toISOString().slice(11, 19)).join(', ');
        note(`${kind} is there ${times.length} times of ${id}: at ${said}`);
      }
    }
    ordered.clear();
    gone.clear();
  };

  const perform = async (deed: Deed): Promise<void> => {
    switch (deed.kind) {
      case 'order':
        await onTickets(async () => {
          await plates.page.getByRole('textbox', { name: t('table-2') }).fill(deed.table);
          for (const piece of deed.pieces) {
            await plates.page
              .getByRole('button', { name: words.addPiece(...PIECES[piece]) })
              .click();
          }
          await plates.page.getByRole('radio', { name: t(deed.when) }).click();
          await plates.page.getByRole('button', { name: t('add-the-order') }).click();
          await ticket(deed.table).first().waitFor();
        });
        counts.orders += 1;
        ordered.add(deed.table);
        if (deed.when !== 'held-until-fired') open.set(deed.table, Date.now());
        return;
      case 'fire':
        await onTickets(() =>
          ticket(deed.table)
            .getByRole('button', { name: t('fire-table', { table: deed.table }) })
            .click(),
        );
        open.set(deed.table, Date.now());
        return;
      case 'cancel': {
        if (!open.has(deed.table)) return;
        await onTickets(() =>
          ticket(deed.table)
            .getByRole('button', { name: t('cancel') })
            .click(),
        );
        open.delete(deed.table);
        gone.add(deed.table);
        return;
      }
      case 'change':
        if (!open.has(deed.table)) return;
        await onTickets(async () => {
          await ticket(deed.table)
            .getByRole('button', { name: t('change') })
            .click();
          await plates.page
            .getByRole('button', { name: words.addPiece(...PIECES[deed.piece]) })
            .click();
          await plates.page.getByRole('button', { name: t('change-the-order') }).click();
        });
        return;
      case 'again':
        await onTickets(async () => {
          const button = ticket(deed.table)
            .getByRole('button', { name: t('cook-again') })
            .first();
          if (!(await button.isVisible())) return;
          await button.click();
          open.set(deed.table, Date.now());
          // The new piece has the words of the one that it replaces.
          heard.forEach((calls) => calls.cookedAgain(deed.table));
        });
        return;
      case 'offline': {
        const phone = others[deed.phone] ?? plates;
        const ms = (deed.minutes * 60_000) / speed;
        excuse(phone, ms + CATCHES_UP);
        await phone.context.setOffline(true);
        setTimeout(() => void phone.context.setOffline(false), ms);
        return;
      }
      case 'pan-out': {
        const { page } = plates;
        const row = page
          .getByRole('list', { name: t('pans-and-ovens') })
          .getByRole('listitem')
          .first();
        excuseAll(CATCHES_UP);
        await row
          .getByRole('button', { name: t('out-of-use-back-or-measured', { name: '' }) })
          .click();
        await row.getByRole('button', { name: t('broken-or-dropped') }).click();
        const again = row.getByRole('button', { name: t('cook-it-again') });
        await row.getByRole('button', { name: t('it-is-back-in-use') }).waitFor();
        while (await again.first().isVisible()) await again.first().click();
        setTimeout(
          () => {
            excuseAll(CATCHES_UP);
            void row.getByRole('button', { name: t('it-is-back-in-use') }).click();
          },
          (deed.minutes * 60_000) / speed,
        );
        return;
      }
      case 'reload': {
        const phone = others[deed.phone] ?? plates;
        excuse(phone, CATCHES_UP);
        let refused = false;
        await phone.page.route('**/dishes*', (route) => {
          if (refused) return route.continue();
          refused = true;
          return route.fulfill({ status: 503, body: '' });
        });
        await phone.page.reload();
        heard.get(phone)?.reloaded();
        await chooseStation(phone);
        return;
      }
      case 'second-service':
        await checkBook();
        for (const phone of phones) {
          await toTab(phone, 'tickets');
          await phone.page.getByRole('button', { name: t('close-the-service') }).click();
        }
        await openOnAll();
        excuseAll(CATCHES_UP);
        return;
      case 'restart':
        excuseAll(CATCHES_UP);
        await served.kill('SIGKILL');
        served = await start({ data: folder, port });
        return;
      case 'backup':
        backup = await (await fetch(`${url}/api/book/backup`)).arrayBuffer();
        return;
      case 'restore':
        if (!backup) return;
        excuseAll(CATCHES_UP);
        await fetch(`${url}/api/book/backup`, {
          method: 'PUT',
          headers: { 'Content-Type': 'application/vnd.sqlite3' },
          body: backup,
        });
    }
  };

  const unplaced = new Lasting(PLACED_WITHIN);
  const differing = new Lasting(AGREE_WITHIN);
  /** Time of the last step of any phone: boards agree within two seconds after each. */
  let lastStep = 0;
  const tableOf = (lane: string): string => words.tableOf(lane) ?? '';

  const check = (shown: ReadonlyMap<Phone, Shown>): void => {
    const now = Date.now();
    const held = phones.filter((phone) => (excused.get(phone) ?? 0) < now);
    const missing = held.flatMap((phone) => {
      const says = shown.get(phone);
      if (!says) return [];
      return [...open].flatMap(([table, since]) => {
        const placed = says.lanes.some((lane) =>
          lane.startsWith(t('table-ready', { table, clockAt: '' })),
        );
        const why = says.alerts.some((alert) => words.tableNamed(table).test(alert));
        return placed || why || now - since < PLACED_WITHIN
          ? []
          : [`${phone.name}, table ${table}`];
      });
    });
    for (const name of unplaced.look(now, missing)) {
      counts.unscheduled += 1;
      note(`not scheduled: ${name}`);
    }
    const boards = held.flatMap((phone) => {
      const says = shown.get(phone);
      return says
        ? [{ phone, lanes: new Map(says.lanes.map((lane) => [tableOf(lane), lane])) }]
        : [];
    });
    const [first, ...others] = boards;
    const different = others.flatMap(({ phone, lanes }) =>
      [...open.keys()].flatMap((table) =>
        lanes.get(table) === first?.lanes.get(table) ? [] : [`${phone.name}, table ${table}`],
      ),
    );
    for (const name of differing.look(now, different, lastStep)) {
      counts.disagreed += 1;
      const table = /table (\S+)$/.exec(name)?.[1] ?? '';
      const says = boards.map(({ phone, lanes }) => `${phone.name} “${lanes.get(table) ?? ''}”`);
      const last = boards.map(({ phone }) => {
        const told = phone.published.slice(-3).map(({ seq, at, improves, answeredAt, status }) => {
          const age = `${((now - answeredAt) / 1000).toFixed(1)} s ago`;
          const better = improves === undefined ? '' : `, improves ${improves % 1e7}`;
          return `${seq} at ${at % 1e7}${better}, ${status ?? 'no answer'} ${age}`;
        });
        return `${phone.name} published ${told.join('; ')}`;
      });
      note(`boards disagree: ${name}: ${says.join(', ')}. ${last.join('. ')}`);
    }
  };

  /** Does the next thing of a phone once it is due and was called. */
  const work = async (phone: Phone, { next, calls }: Shown): Promise<void> => {
    const calling = heard.get(phone);
    if (!calling) return;
    for (const { text } of calling.unheard(calls)) {
      tell(`${minutes().toFixed(1)} min: ${phone.name} calls ${text}`);
    }
    for (const thing of calling.hear(calls)) {
      counts.calledTwice += 1;
      note(`called twice: ${phone.name}, ${thing}`);
    }
    if (!next?.ready) {
      readySince.delete(phone);
      tapped.delete(phone);
      return;
    }
    if (tapped.get(phone)?.words !== next.words) tapped.delete(phone);
    const tap = tapped.get(phone);
    if (tap?.words === next.words) {
      if (Date.now() - tap.at < SHOWN_WITHIN) return;
      counts.lost += 1;
      note(`a tap had no effect: ${phone.name}, ${next.words}`);
      tapped.delete(phone);
    }
    const before = readySince.get(phone);
    const since = before?.words === next.words ? before.at : Date.now();
    readySince.set(phone, { words: next.words, at: since });
    const thing = words.thingOf(next.words);
    if (!calling.awaits(thing)) {
      if (Date.now() - since < CALLED_WITHIN) return;
      if ((excused.get(phone) ?? 0) < Date.now()) {
        counts.uncalled += 1;
        note(`not called: ${phone.name}, ${next.words}`);
      }
    }
    if (await tapNext(phone, next.words)) {
      tell(`${minutes().toFixed(1)} min: ${phone.name} did ${next.words}`);
      calling.done(thing);
      lastStep = Date.now();
      tapped.set(phone, { words: next.words, at: Date.now() });
      if (next.words.startsWith(t('plate-and-send'))) {
        open.delete(tableOf(next.words));
      }
    }
    readySince.delete(phone);
  };

  /** Looks at one phone after a step: its layout, and the memory that its page uses. */
  const inspect = async (phone: Phone, step: string): Promise<void> => {
    const faults = await layoutFaults(phone.page, { touch: TOUCH });
    counts.layoutFaults += faults.length;
    faults.forEach((fault) => note(`layout after ${step}: ${phone.name}, ${fault}`));
    const bytes = await heapBytes(phone.page);
    if (bytes < MOST_HEAP) return;
    counts.memoryExceeded += 1;
    note(`memory after ${step}: ${phone.name} uses ${Math.round(bytes / 1e6)} MB`);
  };

  try {
    const deeds = [...plan];
    let steps = 0;
    const isDue = (): boolean => {
      const [first] = deeds;
      if (!first) return false;
      // A service is closed once its last table was sent.
      return first.at <= minutes() && (first.deed.kind !== 'second-service' || open.size === 0);
    };
    while ((deeds.length > 0 || open.size > 0) && minutes() < LONGEST) {
      const [first] = deeds;
      if (first && isDue()) {
        deeds.shift();
        tell(`${minutes().toFixed(1)} min: ${JSON.stringify(first.deed)}`);
        await perform(first.deed).catch((error: unknown) => {
          counts.lost += 1;
          note(`${first.deed.kind} could not be done: ${String(error).split('\n')[0]}`);
        });
        steps += 1;
        const seen = phones[steps % phones.length] ?? plates;
        await inspect(seen, first.deed.kind).catch(() => undefined);
        excuseAll(AGREE_WITHIN);
      }
      const began = Date.now();
      const shown = new Map<Phone, Shown>();
      for (const phone of phones) {
        const says = await look(phone).catch(() => undefined);
        if (says) shown.set(phone, says);
      }
      // Looked at one after the other, phones of a busy machine are not compared at one moment.
      if (Date.now() - began > STARVED) excuseAll(AGREE_WITHIN);
      for (const [phone, { delayMs }] of shown) {
        if (delayMs > DELAYED) excuse(phone, CATCHES_UP);
      }
      check(shown);
      for (const [phone, says] of shown) await work(phone, says);
      await sleep(40);
    }
    if (open.size > 0) {
      counts.unscheduled += open.size;
      note(`never sent: ${[...open.keys()].join(', ')}`);
    }
    await checkBook();
    for (const phone of phones) {
      counts.pressMs.push(...phone.pressMs);
      counts.pageErrors += phone.errors.length;
      phone.errors.forEach((error) => note(`page error: ${phone.name}, ${error}`));
    }
    return counts;
  } finally {
    await Promise.all(phones.map(({ context }) => context.close()));
    await served.stop();
  }
};
