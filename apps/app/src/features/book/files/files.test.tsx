import type { ReactNode } from 'react';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { keptPlan } from '@crustan/core/formats';
import { writeCooksCsv } from '@crustan/core/formats/cooksCsv';
import { writeReadingsCsv } from '@crustan/core/formats/bookReadingsCsv';
import { writeRecipe } from '@crustan/core/formats/recipe';
import { renderWithStore } from '../../../renderWithStore';
import { planOf, recordOf, REQUEST, uuid } from '../../../testing';
import { linkOf } from '../../../words/planLink';
import { runCalendar } from '../../../words/runCalendar';
import { BookImport } from './BookImport';
import { FilesScreen } from './FilesScreen';
import { readFile } from './readFile';
import { Restore } from './Restore';

jest.mock('expo-router', () => ({
  Link: ({ children }: { readonly children: ReactNode }) => children,
  useRouter: () => ({ push: jest.fn() }),
  usePathname: () => '/book/files',
}));
const mockPlanned = jest.fn();
jest.mock('../../../workers/planRecords', () => ({ planRecordsOf: () => mockPlanned() }));
let mockSent: ((share: number) => void) | undefined;
jest.mock('./sendBook', () => ({
  sendBook: (_file: Blob, progress: (share: number) => void) => {
    mockSent = progress;
    return {
      done: Promise.resolve({ id: '00000000-0000-4000-8000-000000000099' }),
      stop: jest.fn(),
    };
  },
}));

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const PLAN = planOf();
const COOK = {
  id: uuid(1),
  createdAt: T0,
  plan: recordOf(PLAN, T0),
  events: [
    { id: uuid(2), kind: 'in' as const, at: T0 },
    { id: uuid(3), kind: 'reading' as const, at: T0 + 60_000, celsius: 21 },
    { id: uuid(4), kind: 'pulled' as const, at: T0 + 400_000 },
  ],
};

/** A file as a browser has it; jsdom’s own lacks what every browser has. */
const fileOf = (content: string | Uint8Array, name = 'file'): File => {
  const bytes = typeof content === 'string' ? new TextEncoder().encode(content) : content;
  const file = new File([new Uint8Array(bytes)], name);
  const part = (from = 0, to = bytes.length) => ({
    arrayBuffer: () => Promise.resolve(new Uint8Array(bytes.slice(from, to)).buffer),
  });
  return Object.assign(file, part(), { slice: part });
};

describe('contents of a file', () => {
  it.each([
    ['a logbook', '{ "format": "crustan-book/1", "plans": []', 'book'],
    ['a backup', 'SQLite format 3\u0000 and so on', 'backup'],
    ['a plan', JSON.stringify({ format: 'crustan-plan/1', ...REQUEST }), 'plan'],
    ['cooks', writeCooksCsv([COOK]), 'cooks'],
    ['readings', writeReadingsCsv([COOK]), 'readings'],
    ['a log', 'time;temp C\n0:00;5,1\n0:30;5,9\n', 'log'],
  ])('%s', async (_what, content, kind) => {
    expect((await readFile(fileOf(content))).kind).toBe(kind);
  });

  it('reads a plan back from its recipe and its calendar', async () => {
    const recipe = writeRecipe({
      title: 'Strip',
      plan: keptPlan(PLAN),
      before: 600,
      servings: '1',
      ingredients: [],
      steps: [],
    });
    const calendar = runCalendar(
      'A run',
      [{ at: T0, does: 'In', why: 'now', alarm: true }],
      T0 + 600_000,
      'run',
      linkOf(REQUEST, { hour: '19:30' }),
    );
    for (const content of [recipe, calendar]) {
      const read = await readFile(fileOf(content));
      expect(read.kind === 'plan' ? read.request : read).toEqual(REQUEST);
    }
  });

  it.each([
    ['nothing', '', /empty/],
    ['half a JSON', '{"format": "crustan-plan/1", "cut"', /not whole JSON/],
    ['another’s JSON', '{"format": "tea/1"}', /“tea\/1”/],
    [
      'a plan out of range',
      '{"format":"crustan-plan/1","cut":"ribeye","thickness":5}',
      /thickness/,
    ],
    ['a recipe without a piece', '{"@type":"Recipe","name":"Soup"}', /“Soup”/],
    ['a calendar without a plan', 'BEGIN:VCALENDAR\nVERSION:2.0\nEND:VCALENDAR', /no.*plan|None/],
    ['half a calendar', 'BEGIN:VCALENDAR\nBEGIN', /not whole iCalendar|None/],
    ['words', 'Dear diary', /neither a table of cooks/],
  ])('%s is said to be no use, and why', async (_what, content, why) => {
    const read = await readFile(fileOf(content));
    expect(read.kind === 'unknown' ? read.why : read.kind).toMatch(why);
  });

  it('sends a picture to the page of the cook, and reads another code page', async () => {
    const picture = new Uint8Array(900);
    picture.set([0x89, 0x50, 0x4e, 0x47]);
    const read = await readFile(fileOf(picture));
    expect(read.kind === 'unknown' && read.why).toMatch(/cook’s own page/);
    const old = new Uint8Array(Buffer.from('Zeit;Kern °C\n0:00;5,1\n0:30;5,9\n', 'latin1'));
    const log = await readFile(fileOf(old));
    expect(log.kind === 'log' && log.log.columns).toMatchObject({ temperature: 'Kern °C' });
  });
});

describe('files imported into the logbook', () => {
  const drop = (file: File): void => {
    fireEvent.drop(screen.getByTestId('drop'), { dataTransfer: { files: [file] } });
  };

  it('shows a table row by row before the import, with the rows that are left out', async () => {
    mockPlanned.mockResolvedValue([{ ok: true, plan: PLAN, record: recordOf(PLAN) }]);
    renderWithStore(<FilesScreen />);
    drop(
      fileOf(
        'started,piece,thickness_mm,oven\n2026-01-02,ribeye,30,x\n2026-01-03,unicorn,30,x\n',
        'old.csv',
      ),
    );
    await screen.findByText(/A table of 1 cook\./);
    screen.getByText('old.csv');
    screen.getByText(/Row 1: .*30 mm/);
    screen.getByText(/Row 2: “unicorn” is not a piece/);
    screen.getByText('Columns that are not used: oven.');
    fireEvent.click(screen.getByText('Plan it'));
    await waitFor(() => expect(mockSent).toBeDefined());
  });

  it('announces a file that cannot be used', async () => {
    renderWithStore(<FilesScreen />);
    drop(fileOf('Dear diary', 'diary.txt'));
    expect((await screen.findByRole('alert')).textContent).toMatch(/neither a table of cooks/);
  });
});

describe('a logbook on its way in', () => {
  const state = (more: object) => ({
    id: uuid(99),
    phase: 'ready',
    progress: 1,
    cooks: 12,
    readings: 4000,
    plans: 1,
    trials: 0,
    dishes: 2,
    services: 1,
    demand: 0,
    practice: 0,
    here: 2,
    back: 1,
    kitchen: false,
    problems: [{ where: 'cooks[3]', why: 'celsius must be from -5 to 120 C' }],
    problemCount: 30,
    truncated: true,
    ...more,
  });
  const answer = (body: object): void => {
    Object.assign(globalThis, {
      fetch: () =>
        Promise.resolve(
          new Response(JSON.stringify(body), { headers: { 'Content-Type': 'application/json' } }),
        ),
    });
  };

  it('says what it would do, what is left out and why, and does it on a press', async () => {
    answer(state({}));
    renderWithStore(<BookImport file={fileOf('{}')} onOver={jest.fn()} />);
    await screen.findByText(
      /It would add 12 cooks, 4,000 readings, 1 saved plan, 0 trials, 2 dishes of the menu, 1 service. 2 cooks of it are in the logbook already/,
    );
    screen.getByText(/File cut off/);
    screen.getByText('30 left out, each for its reason');
    screen.getByText('cooks[3]: celsius must be from -5 to 120 C');
    answer(state({ phase: 'done' }));
    fireEvent.click(screen.getByText('Import it'));
    await screen.findByText(/In the logbook: 12 cooks/);
  });

  it('shows progress, and that nothing is left after a stop', async () => {
    answer(state({ phase: 'checking', progress: 0.4, problemCount: 0, problems: [] }));
    renderWithStore(<BookImport file={fileOf('{}')} onOver={jest.fn()} />);
    const bar = await screen.findByRole('progressbar', { name: /Reading it/ });
    expect(bar.getAttribute('aria-valuenow')).toBe('40');
    answer(state({ phase: 'stopped', problemCount: 0, problems: [] }));
    fireEvent.click(screen.getByText('Stop'));
    await screen.findByText('Stopped: nothing was added to the logbook.');
  });
});

it('shows what a backup would replace, and the answer of the server', async () => {
  const said = (status: number, body: object): void => {
    Object.assign(globalThis, {
      fetch: () => Promise.resolve(new Response(JSON.stringify(body), { status })),
    });
  };
  said(400, { detail: 'It is not a SQLite file; a backup is one.' });
  const { unmount } = renderWithStore(<Restore file={fileOf('words')} />);
  fireEvent.click(screen.getByText('Put the backup in its place'));
  await screen.findByText(/Nothing was changed. It is not a SQLite file/);
  unmount();
  said(200, { cooks: 3, before: 'book-before-2026.sqlite', leftOut: [], leftOutCount: 0 });
  renderWithStore(<Restore file={fileOf('SQLite format 3')} />);
  fireEvent.click(screen.getByText('Put the backup in its place'));
  await screen.findByText(/a logbook of 3 cooks.*book-before-2026.sqlite/);
});
