import { act, fireEvent, screen, within } from '@testing-library/react';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import type { Fix } from '@crustan/core/pass/findFixes';
import { renderWithStore } from '../../renderWithStore';
import { kitchenChanged } from '../../store/kitchenSlice';
import { cookStarted } from '../../store/logSlice';
import { selectCooks } from '../../store/logSelectors';
import { roleFound } from '../../store/reachSlice';
import { uuid } from '../../testing';
import { Board } from './Board';
import { ClockLanes } from './ClockLanes';
import { GearStrip } from './GearStrip';
import { LateTables } from './LateTables';
import { ProbeAdvice } from './ProbeAdvice';
import { Tickets } from './Tickets';
import { TicketSheet } from './TicketSheet';
import {
  begun,
  heardPresses,
  OPENS,
  ordered,
  ORDERS,
  passOf,
  pieceOn,
  STRIP,
  toldOf,
} from './testing';
import type { PassNow } from './usePass';

jest.mock('expo-router', () => ({ Link: ({ children }: { children: unknown }) => children }));
let mockWays: readonly Fix[] = [];
jest.mock('../../workers/passWorker', () => ({
  passWorker: () => ({
    findFixes: () => Promise.resolve(mockWays),
    schedule: () =>
      Promise.resolve({ pieces: [], tickets: [], sides: [], unplaced: [], moved: [] }),
    improve: () => Promise.resolve(undefined),
    stop: () => undefined,
  }),
}));
jest.mock('../../workers/useForecasts', () => ({
  useForecasts: () => ({}),
  movedPull: () => undefined,
}));

const watching = { role: 'watcher', here: 'a', server: 'a' } as const;
const texts = (role: string): readonly string[] =>
  screen.getAllByRole(role).map((one) => one.textContent ?? '');

describe('the board', () => {
  const shown = (pass: PassNow, watches = false) => {
    const presses = heardPresses();
    const rendered = renderWithStore(<Board pass={pass} presses={presses} />);
    if (watches) act(() => void rendered.store.dispatch(roleFound(watching)));
    return { presses, ...rendered };
  };

  it('has the one next thing huge, says when it is due, and takes its tap', () => {
    const { presses } = shown(passOf(ORDERS));
    expect(screen.getByRole('heading', { level: 2, name: /^Heat to/ })).toBeTruthy();
    fireEvent.click(screen.getByTestId('happened'));
    expect(presses.doing).toMatchObject([{ kind: 'heat', place: 'pan', index: 0 }]);
  });

  it('has a next thing for each pair of hands, and nobody has the same', () => {
    const { store } = shown(passOf(ORDERS));
    act(() => void store.dispatch(kitchenChanged({ hands: 2 })));
    const happened = screen.getAllByTestId('happened');
    expect(happened).toHaveLength(2);
    const next = screen
      .getAllByRole('heading', { level: 2 })
      .map((one) => one.textContent)
      .slice(0, 2);
    expect(new Set(next).size).toBe(2);
  });

  it('shows one station alone when that is chosen', () => {
    shown(passOf(ORDERS));
    fireEvent.click(screen.getByRole('radio', { name: 'Plates' }));
    expect(screen.getByRole('heading', { level: 2, name: 'Plate and send' })).toBeTruthy();
    expect(screen.getByText('Table 7 · 2 pieces · No tree nuts, peanuts (nuts)')).toBeTruthy();
  });

  it('asks for a washed pan for an allergic table, with the table and the allergen', () => {
    const pass = passOf(ORDERS);
    const [piece] = pass.schedule?.pieces ?? [];
    if (!pass.schedule || !piece) throw new Error('a schedule');
    const first = { ...piece, washAt: piece.start - 900 };
    const pieces = pass.schedule.pieces.map((one) => (one.id === piece.id ? first : one));
    const { presses } = shown({ ...pass, schedule: { ...pass.schedule, pieces } });
    expect(screen.getByRole('heading', { level: 2, name: /^Wash .*, fresh fat$/ })).toBeTruthy();
    expect(screen.getByText('Before Table 7 · No tree nuts, peanuts (nuts)')).toBeTruthy();
    fireEvent.click(screen.getByTestId('happened'));
    expect(presses.doing).toMatchObject([{ kind: 'wash', index: 0 }]);
  });

  it('shows everything but buttons on a view-only phone', () => {
    const { presses } = shown(passOf(ORDERS), true);
    expect(screen.getByRole('heading', { level: 2, name: /^Heat to/ })).toBeTruthy();
    expect(screen.queryByTestId('happened')).toBeNull();
    fireEvent.keyDown(document.body, { key: 'n' });
    expect(presses.doing).toEqual([]);
  });

  it('says that nothing is on order', () => {
    shown(passOf([]));
    expect(screen.getByText('No orders yet.')).toBeTruthy();
  });
});

describe('tables along the clock, and pans and ovens', () => {
  it('name the ready time of a table, and the pieces in a pan with their places', () => {
    const [piece] = [uuid(101)];
    const events = [...ORDERS, begun(piece)];
    const pass = passOf(events, toldOf(events), new Map([[piece, pieceOn(piece)]]));
    renderWithStore(<ClockLanes pass={pass} />);
    const lanes = screen.getAllByRole('listitem').map((one) => one.getAttribute('aria-label'));
    // A held table has no lane: no piece of it has begun.
    expect(lanes).toEqual([expect.stringMatching(/^Table 7: ready \d\d:\d\d$/)]);
    const presses = heardPresses();
    renderWithStore(
      <GearStrip pass={{ ...pass, heat: { pans: [214.6], ovens: [180] } }} presses={presses} />,
    );
    const rows = screen.getByRole('list', { name: 'Pans and ovens' });
    expect(within(rows).getByText('215°')).toBeTruthy();
    expect(within(rows).getAllByRole('listitem')).toHaveLength(2);
  });
});

describe('pans, ovens, burners and cooks that are out of use', () => {
  const piece = uuid(101);
  const shown = (...more: Parameters<typeof passOf>[0]) => {
    const events = [...ORDERS, begun(piece, passOf(ORDERS).gear.pans[0]?.id), ...more];
    const pass = passOf(events, toldOf(events), new Map([[piece, pieceOn(piece)]]));
    const presses = heardPresses();
    renderWithStore(<GearStrip pass={pass} presses={presses} />);
    return { pass, presses };
  };

  it('show a reason, and read a measurement in the units of the page', () => {
    const { pass, presses } = shown();
    const pan = pass.gear.pans[0]?.id;
    const [first] = screen.getAllByRole('button', { name: /: out of use, back, or measured$/ });
    if (first) fireEvent.click(first);
    fireEvent.change(screen.getByLabelText(/measures, in/), { target: { value: '241' } });
    fireEvent.click(screen.getByText('It measures this'));
    fireEvent.click(screen.getByText('Food burnt on'));
    expect(presses.said).toEqual([
      { kind: 'measured', gear: 'pan', of: pan, celsius: 241 },
      { kind: 'out', gear: 'pan', of: pan, why: 'dirty' },
    ]);
  });

  it('ask what happened to the food in them', () => {
    const of = passOf(ORDERS).gear.pans[0]?.id ?? '';
    const { presses } = shown({
      id: uuid(9),
      at: OPENS + 9000,
      kind: 'out',
      gear: 'pan',
      of,
      why: 'broken',
    });
    expect(screen.getByText(/^Out of use: broken/)).toBeTruthy();
    fireEvent.click(screen.getByText('Cook it again'));
    fireEvent.click(screen.getByText('It is back in use'));
    expect(presses.said).toMatchObject([
      { kind: 'refired', of: uuid(100), instead: piece },
      { kind: 'back', gear: 'pan', of },
    ]);
  });

  it('take a burner and a person out of use and back', () => {
    const { pass, presses } = shown();
    fireEvent.click(screen.getByText('One more'));
    fireEvent.click(screen.getByText('One leaves'));
    const [burner] = screen.getAllByText(/^Burner.* is out$/);
    if (burner) fireEvent.click(burner);
    expect(presses.said).toMatchObject([
      { kind: 'hands', count: pass.gear.hands + 1 },
      { kind: 'hands', count: pass.gear.hands - 1 },
      { kind: 'out', gear: 'burner' },
    ]);
  });
});

describe('tables that will be late', () => {
  const late = (more: Parameters<typeof toldOf>[1]) => passOf(ORDERS, toldOf(ORDERS, more));
  const TICKET = {
    id: uuid(100),
    landsAt: 5400,
    apart: 0,
    late: 700,
    hindered: { piece: uuid(101), taken: { reason: 'pan' as const } },
  };
  const shown = (pass: PassNow) => {
    const presses = heardPresses();
    return { presses, ...renderWithStore(<LateTables pass={pass} presses={presses} />) };
  };

  it('show why, and offer fixes with their ready times', async () => {
    mockWays = [
      { by: { kind: 'way', option: 1 }, landsAt: 4800, late: 0 },
      { by: { kind: 'pan' }, landsAt: 4900, late: 0 },
    ];
    const { presses, store } = shown(late({ tickets: [TICKET] }));
    expect(screen.getByRole('alert').textContent).toMatch(
      /^Table 7 will be 11 min 40 s late, at \d\d:\d\d: the pans are full\./,
    );
    const other = await screen.findByText(/^Strip, rare, no. 1: sear, then oven, ready \d\d:\d\d$/);
    fireEvent.click(other);
    expect(presses.said).toEqual([{ kind: 'way', piece: uuid(101), option: 1 }]);
    const pans = store.getState().kitchen.pans.length;
    fireEvent.click(screen.getByText(/^Put another pan on: ready/));
    expect(store.getState().kitchen.pans).toHaveLength(pans + 1);
    fireEvent.click(screen.getByText(/^Tell the table/));
    expect(presses.said.at(-1)).toMatchObject({ kind: 'moved', of: uuid(100) });
  });

  it('show four in full, soonest first, and the others in one line until they are opened', async () => {
    const tickets = Array.from({ length: 6 }, (_, i) => ({
      ...TICKET,
      ...{ id: uuid(100 + i), landsAt: TICKET.landsAt - 60 * i, late: TICKET.late - 60 * i },
    }));
    shown(late({ tickets }));
    await act(() => Promise.resolve());
    expect(screen.getAllByText(/^Tell the table/)).toHaveLength(4);
    expect(
      screen.getByText(/^2 more will be late: Table \S+ by 11 min, Table 7 by 12 min\.$/),
    ).toBeTruthy();
    fireEvent.click(screen.getByText('What can be done'));
    expect(screen.getAllByText(/^Tell the table/)).toHaveLength(6);
    expect(screen.queryByText('What can be done')).toBeNull();
  });

  it('offer nothing where nothing helps, and nothing to a phone that watches', async () => {
    mockWays = [];
    const { store } = shown(late({ tickets: [TICKET] }));
    await act(() => Promise.resolve());
    expect(texts('button')).toEqual([expect.stringMatching(/^Tell the table/)]);
    act(() => void store.dispatch(roleFound(watching)));
    expect(screen.queryAllByRole('button')).toEqual([]);
  });

  it('describe pieces of one table that wait too long in one sentence', () => {
    const { pieces } = toldOf(ORDERS);
    const over = pieces.map((piece, i) => ({ ...piece, overRested: i < 2 ? 100 + 60 * i : 0 }));
    shown(late({ pieces: over }));
    expect(screen.getByText(/^2 pieces for Table 7 wait up to 2 min 40 s longer/)).toBeTruthy();
  });

  it('show a side without a time, a postponed piece and a table without a place', () => {
    shown(
      late({
        sides: [
          { ticket: uuid(100), name: 'Greens', start: 1, readyAt: 9, taken: { reason: 'hands' } },
        ],
        moved: [{ id: uuid(101), from: 5, taken: { reason: 'oven' } }],
        unplaced: [uuid(100)],
      }),
    );
    const all = screen.getByRole('group', { name: 'Late tables' }).textContent;
    expect(all).toContain('Greens for Table 7: every person is busy at its start time');
    expect(all).toContain('Strip, rare, no. 1 was due now. Postponed: the oven is full.');
    expect(all).toContain('Table 7 cannot be scheduled in the coming hours');
  });

  it('name several tables with the same trouble in one line', () => {
    const ids = Array.from({ length: 10 }, (_, i) => uuid(100 + i));
    const taken = { reason: 'burner' as const };
    const side = (ticket: string, name: string) => ({ ticket, name, start: 1, readyAt: 9, taken });
    shown(
      late({
        sides: [...ids.map((id) => side(id, 'Greens')), side(uuid(100), 'Potatoes')],
        moved: ids.map((id) => ({ id, from: 5, taken })),
        unplaced: ids,
      }),
    );
    const lines = texts('alert');
    expect(lines).toEqual([
      expect.stringMatching(
        /^Table 7, .*2 others cannot be scheduled in the coming hours\. Change/,
      ),
    ]);
    const all = screen.getByRole('group', { name: 'Late tables' }).textContent ?? '';
    expect(all.match(/Greens for/g)).toHaveLength(1);
    expect(all).toMatch(/Greens for Table 7, .*2 others: no burner is free at their start times/);
    expect(all).toContain('Potatoes for Table 7: no burner is free at its start time');
    expect(all).toMatch(/10 pieces were due now and are postponed: .*2 others\./);
  });

  it('shows nothing if no table is late', () => {
    const { container } = shown(passOf(ORDERS));
    expect(container.textContent).toBe('');
  });
});

describe('the advice on which piece to probe', () => {
  it('keeps the piece that was shown when the figure was begun', () => {
    const [one, two] = [uuid(101), uuid(102)];
    const on = (id: string, late: number) => {
      const piece = pieceOn(id);
      const { progress } = piece.state;
      const decidedAt = progress.decidedAt + late * 1000;
      return [
        id,
        { ...piece, state: { ...piece.state, progress: { ...progress, decidedAt } } },
      ] as const;
    };
    const events = [...ORDERS, begun(one), { ...begun(two), id: uuid(906) }];
    const shownWith = (first: number, second: number) =>
      passOf(events, toldOf(events), new Map([on(one, first), on(two, second)]));
    const { store, rerender } = renderWithStore(<ProbeAdvice pass={shownWith(400, 2000)} />);
    act(() => {
      for (const { cook } of [pieceOn(one), pieceOn(two)]) {
        const { id, startedAt, plan, events: said } = cook;
        const [event] = said;
        if (event) store.dispatch(cookStarted({ id, startedAt, plan, event }));
      }
    });
    const field = (): HTMLElement => screen.getByRole('textbox', { name: /^Reading/ });
    fireEvent.change(field(), { target: { value: '4' } });
    // By now the other piece is the one to probe next.
    rerender(<ProbeAdvice pass={shownWith(2000, 400)} />);
    fireEvent.change(field(), { target: { value: '48' } });
    const readings = (id: string) =>
      selectCooks(store.getState())
        .find((cook) => cook.id === id)
        ?.events.filter(({ kind }) => kind === 'reading');
    fireEvent.click(screen.getByText(/^Save reading/));
    expect(readings(one)).toMatchObject([{ kind: 'reading', celsius: 48 }]);
    expect(readings(two)).toEqual([]);
  });
});

describe('tickets', () => {
  const shown = (events: readonly ServiceEvent[] = ORDERS, on: PassNow['on'] = new Map()) => {
    const presses = heardPresses();
    const pass = passOf(events, toldOf(events), on);
    renderWithStore(<Tickets pass={pass} presses={presses} />);
    return presses;
  };
  const ticket = (table: string): HTMLElement => {
    const found = within(screen.getByRole('list', { name: 'Tickets' }))
      .getAllByRole('listitem')
      .find((one) => one.textContent?.startsWith(`Table ${table}`));
    if (!found) throw new Error(`no table ${table}`);
    return found;
  };

  it('list held tickets first and fire them; hold, change and cancel open ones', () => {
    const presses = shown();
    expect(ticket('7').textContent).toContain('No tree nuts, peanuts (nuts)');
    fireEvent.click(within(ticket('8')).getByText('Fire table 8'));
    fireEvent.click(within(ticket('7')).getByText('Hold'));
    fireEvent.click(within(ticket('7')).getByText('Cancel'));
    expect(presses.said).toEqual([
      { kind: 'fired', of: uuid(200) },
      { kind: 'held', of: uuid(100) },
      { kind: 'cancelled', of: uuid(100) },
    ]);
  });

  it('take an order by taps and keys, and reject an incomplete one', () => {
    const presses = shown();
    const add = screen.getByText('Add the order');
    fireEvent.click(add);
    expect(presses.said).toEqual([]);
    fireEvent.change(screen.getByRole('textbox', { name: 'Table' }), { target: { value: '12' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add Strip, rare' }));
    fireEvent.click(screen.getByRole('button', { name: 'Add Strip, rare' }));
    fireEvent.click(screen.getByText('Held until fired'));
    fireEvent.click(add);
    expect(presses.said).toMatchObject([
      { kind: 'ordered', order: { table: '12', held: true, pieces: [{}, { doneness: 'rare' }] } },
    ]);
  });

  it('take an allergen with a note, and name a dish that contains it', () => {
    const presses = shown();
    fireEvent.change(screen.getByRole('textbox', { name: 'Table' }), { target: { value: '12' } });
    fireEvent.click(screen.getByRole('button', { name: 'Add Strip, rare' }));
    fireEvent.click(screen.getByText('Add an allergy'));
    expect(screen.getAllByRole('checkbox')).toHaveLength(14);
    fireEvent.click(screen.getByRole('checkbox', { name: 'milk' }));
    fireEvent.change(screen.getByRole('textbox', { name: 'Allergy note' }), {
      target: { value: 'mild' },
    });
    fireEvent.click(screen.getByText('Add the order'));
    expect(presses.said).toMatchObject([
      { kind: 'ordered', order: { table: '12', allergens: ['milk'], allergy: 'mild' } },
    ]);
  });

  it('do not order a doneness under the required minimum', () => {
    const pass = passOf(ORDERS);
    const { store } = renderWithStore(<Tickets pass={pass} presses={heardPresses()} />);
    const rare = () => screen.getByRole('button', { name: 'Add Strip, rare' });
    expect(rare().getAttribute('aria-disabled')).not.toBe('true');
    act(() => void store.dispatch(kitchenChanged({ atRisk: true })));
    expect(rare().getAttribute('aria-disabled')).toBe('true');
    expect(screen.getByText('rare ends under 62.8 °C, the minimum set in Kitchen.')).toBeTruthy();
  });

  it('names a dish and a pan with an allergen of its table', () => {
    const orders = [ordered(100, '7', 1), ordered(200, '8', 1, { allergens: ['milk'] })];
    const schedule = toldOf(orders);
    const [first, second] = schedule.pieces;
    if (!first || !second) throw new Error('two pieces');
    const buttered = (dish: typeof STRIP) => ({
      ...dish,
      portions: dish.portions.map((portion) => ({
        ...portion,
        options: portion.options.map((option) => ({
          ...option,
          plan: { ...option.plan, request: { ...option.plan.request, baste: 60 } },
        })),
      })),
    });
    const pass = {
      ...passOf(orders, { ...schedule, pieces: [{ ...first, start: 3500 }, second] }),
      dishes: [buttered(STRIP)],
    };
    renderWithStore(<Tickets pass={pass} presses={heardPresses()} />);
    expect(ticket('8').textContent).toContain('Strip contains milk.');
    expect(ticket('8').textContent).toContain(
      'Use a clean pan. Cast iron also holds milk. Wash it and take fresh fat before Strip, rare.',
    );
    expect(ticket('7').textContent).not.toContain('milk');
  });

  it('keep the pieces that stay in a changed order; a started piece cannot be removed', () => {
    const piece = uuid(101);
    const presses = shown([...ORDERS, begun(piece)], new Map([[piece, pieceOn(piece)]]));
    fireEvent.click(within(ticket('7')).getByText('Change'));
    const pieces = screen.getByRole('list', { name: 'Pieces of this order' });
    expect(within(pieces).getAllByText('Off')).toHaveLength(1);
    fireEvent.click(within(pieces).getByText('Off'));
    fireEvent.click(screen.getByText('Change the order'));
    expect(presses.said).toMatchObject([
      { kind: 'changed', order: { table: '7', pieces: [{ id: piece }], allergy: 'nuts' } },
    ]);
  });

  it('show how long a started piece stays warm, and cook it again', () => {
    const piece = uuid(101);
    const presses = shown([...ORDERS, begun(piece)], new Map([[piece, pieceOn(piece)]]));
    expect(ticket('7').textContent).toMatch(/in the pan · \d+ min( \d+ s)? between 5° and 60 °C/);
    fireEvent.click(within(ticket('7')).getByText('Cook again'));
    expect(presses.said).toMatchObject([{ kind: 'refired', of: uuid(100), instead: piece }]);
  });

  it('go onto paper with their boxes', () => {
    renderWithStore(<TicketSheet shown={passOf(ORDERS)} minute={0} />);
    const sheet = screen.getByLabelText('Ticket sheet').textContent;
    expect(sheet).toMatch(
      /Table 7 · ready \d\d:\d\d · NO TREE NUTS, PEANUTS \(NUTS\) · by the window/,
    );
    expect(sheet).toContain('Table 8 · held until fired');
    expect(sheet?.match(/☐ Strip, rare/g)).toHaveLength(3);
  });
});
