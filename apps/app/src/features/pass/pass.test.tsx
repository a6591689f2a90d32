import { formatDue } from '../../words/formatDue';
import { fireEvent, renderHook, act, screen } from '@testing-library/react';
import { Provider } from 'react-redux';
import type { ReactNode } from 'react';
import { DEFAULT_KITCHEN } from '@crustan/core/formats/kitchen';
import { serviceGear } from '@crustan/core/pass/serviceGear';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { LATE_REASONS } from '@crustan/core/pass/whyLate';
import { renderWithStore } from '../../renderWithStore';
import { serviceOpened, serviceSaid } from '../../store/logSlice';
import { selectServiceCooks, selectService } from '../../store/passSlice';
import { makeStore } from '../../store/store';
import { uuid } from '../../testing';
import { showIn } from '../../words/show';
import { DishRow } from './DishRow';
import { parsAsked } from './parsAsked';
import { describeTaken, describeTask, describeWhyLate } from './passWords';
import { dishOf, heardPresses, OPENS, ordered, passOf, STRIP } from './testing';
import { usePressed } from './usePressed';
import { withAnotherPan } from './useFixes';

jest.mock('../../workers/passWorker', () => ({ passWorker: () => ({}) }));
jest.mock('../../workers/useForecasts', () => ({
  useForecasts: () => ({}),
  movedPull: () => undefined,
}));

const ORDERED = ordered(10, '7');

describe('steps on the board', () => {
  const pressing = () => {
    const store = makeStore();
    store.dispatch(
      serviceOpened({
        service: {
          id: uuid(2),
          name: 'F',
          opensAt: OPENS,
          closesAt: OPENS + 1,
          dishes: [STRIP.id],
        },
      }),
    );
    store.dispatch(serviceSaid({ service: uuid(2), event: ORDERED }));
    const wrapper = ({ children }: { readonly children: ReactNode }) => (
      <Provider store={store}>{children}</Provider>
    );
    const { result } = renderHook(() => usePressed(passOf([ORDERED])), { wrapper });
    return { store, result };
  };
  const base = { due: 10, seconds: 10, ticket: uuid(10) } as const;

  it('begins the cook of a piece in its place, and takes it back completely', () => {
    const { store, result } = pressing();
    const thing = {
      ...base,
      kind: 'touch',
      station: 'stove',
      action: 'in',
      piece: uuid(11),
    } as const;
    act(() => result.current.done(thing, 'in'));
    const [ticket] = selectService(store.getState()).tickets;
    expect(ticket?.pieces[0]?.begun).toMatchObject({ option: 0, full: false });
    const [cook] = selectServiceCooks(store.getState());
    expect(cook?.plan.title).toBe('Strip, rare, table 7');
    expect(cook?.events.map(({ kind }) => kind)).toEqual(['started', 'in']);
    act(() => result.current.takeBack());
    const [again] = selectService(store.getState()).tickets;
    expect(again?.pieces[0]?.begun).toBeUndefined();
    expect(result.current.last).toBeUndefined();
  });

  it('heat, sides and plates are said of the service', () => {
    const { store, result } = pressing();
    act(() =>
      result.current.done(
        {
          kind: 'heat',
          station: 'stove',
          due: 1,
          seconds: 5,
          place: 'pan',
          index: 0,
          celsius: 230,
        },
        'on',
      ),
    );
    act(() =>
      result.current.done(
        { ...base, kind: 'side', station: 'stove', name: 'Greens', plates: 1 },
        'begun',
      ),
    );
    act(() => result.current.done({ ...base, kind: 'plate', station: 'plates' }, 'sent'));
    const state = selectService(store.getState());
    expect(state.set).toMatchObject([{ gear: 'pan', celsius: 230 }]);
    expect(state.tickets[0]).toMatchObject({ state: 'sent', sidesBegun: [{ name: 'Greens' }] });
  });
});

describe('a dish as it is ordered', () => {
  const shown = (events: readonly ServiceEvent[], asked: number) => {
    const presses = heardPresses();
    const added: string[] = [];
    renderWithStore(
      <DishRow
        dish={STRIP}
        pass={passOf(events)}
        presses={presses}
        asked={asked}
        onAdd={(doneness) => added.push(doneness)}
      />,
    );
    return { said: presses.said, added };
  };

  it('takes a piece by a tap, and a count only where it is one', () => {
    const { said, added } = shown([ORDERED], 0);
    fireEvent.click(screen.getByRole('button', { name: 'Add Strip, rare' }));
    expect(added).toEqual(['rare']);
    fireEvent.click(screen.getByRole('button', { name: 'count Strip' }));
    const field = screen.getByRole('textbox', { name: 'Left to be ordered' });
    for (const wrong of ['', 'some', '-1', '2.5']) {
      fireEvent.change(field, { target: { value: wrong } });
      fireEvent.click(screen.getByText('Keep'));
    }
    expect(said).toEqual([]);
    fireEvent.change(field, { target: { value: '4' } });
    fireEvent.click(screen.getByText('Keep'));
    expect(said).toEqual([{ kind: 'stock', dish: STRIP.id, count: 4 }]);
  });

  it.each([
    [1, '2 left'],
    [3, 'none left'],
    [5, '2 more than there are'],
  ])('with %i in the order says %s', (asked, says) => {
    shown([{ id: uuid(30), at: OPENS, kind: 'stock', dish: STRIP.id, count: 3 }], asked);
    expect(screen.getByText(says)).toBeTruthy();
  });
});

describe('the Pass in words', () => {
  const show = showIn('metric');

  it('says when a thing is due, and that it is late only when it is', () => {
    expect(formatDue(125)).toEqual({ words: '2:05', late: false });
    expect(formatDue(2)).toEqual({ words: 'now', late: false });
    expect(formatDue(-19)).toMatchObject({ late: false });
    expect(formatDue(-75)).toEqual({ words: '1:15 late', late: true });
  });

  it('has a sentence for everything that stands in the way and for every lateness', () => {
    const reasons = ['pan', 'oven', 'hands', 'holding', 'burner'] as const;
    const says = [
      ...reasons.map((reason) => describeTaken({ reason }, show)),
      describeTaken({ reason: 'pan-heat', set: 22 }, show),
      describeTaken({ reason: 'oven-heat', set: 180 }, show),
      ...LATE_REASONS.map((reason) => describeWhyLate({ reason, seconds: 200 })),
    ];
    expect(new Set(says).size).toBe(says.length);
    expect(says).toContain('the oven is wanted at 180 °C then');
    expect(says).toContain('it stood ready for 3 min 20 s');
  });

  it('says a thing with its piece and its table', () => {
    const said = describeTask(
      {
        kind: 'side',
        station: 'stove',
        due: 1,
        seconds: 60,
        name: 'Greens',
        plates: 2,
        ticket: uuid(10),
      },
      passOf([ORDERED]),
      show,
    );
    expect(said).toEqual({ does: 'Begin Greens', of: 'Table 7 · for 2', happened: 'Begun' });
  });
});

describe('what is asked for tomorrow', () => {
  it('pools dishes of one piece before each of them, and has a cost where the menu has none', () => {
    const priced = dishOf(2, 'Strip with sauce', { cost: 9, price: 27, shelfDays: 1 });
    const asked = parsAsked(['Strip', 'Strip with sauce', 'Soup'], [STRIP, priced], { Soup: 3 });
    expect(asked.map(({ dish }) => dish)).toEqual([
      expect.stringContaining('for Strip and Strip with sauce'),
      'Strip',
      'Strip with sauce',
      'Soup',
    ]);
    expect(asked[0]).toMatchObject({ of: ['Strip', 'Strip with sauce'], shelfDays: 1 });
    expect(asked[2]?.costs).toEqual({ tooFew: 18, wasted: 9, kept: 0.15 * 9 });
    expect(asked[3]).toMatchObject({ stock: 3, shelfDays: 1, costs: { tooFew: 2, wasted: 1 } });
  });
});

describe('another pan', () => {
  it('stands on a free burner and leaves the other pans in place', () => {
    const kitchen = {
      ...DEFAULT_KITCHEN,
      burners: [...DEFAULT_KITCHEN.burners, { id: 'b2', kind: 'gas' as const, power: 2000 }],
    };
    const before = serviceGear(kitchen).pans;
    const after = serviceGear(withAnotherPan(kitchen, 'more')).pans;
    expect(after.slice(0, before.length)).toEqual(before);
    expect(after.map((pan) => pan.id)).toEqual([...before.map((pan) => pan.id), 'more']);
    const full = serviceGear(withAnotherPan(DEFAULT_KITCHEN, 'more'));
    expect(full.aside).toEqual(['more']);
  });
});
