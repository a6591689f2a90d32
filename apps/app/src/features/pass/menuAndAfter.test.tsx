import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { answerWith, json } from '../../fakeServer';
import { selectOpenService } from '../../store/passSlice';
import { renderWithStore } from '../../renderWithStore';
import { kitchenChanged } from '../../store/kitchenSlice';
import { roleFound } from '../../store/reachSlice';
import { uuid } from '../../testing';
import { After } from './After';
import { Menu } from './Menu';
import { OpenService } from './OpenService';
import { begun, OPENS, ordered, ORDERS, pieceOn, STRIP } from './testing';

jest.mock('expo-router', () => ({ Link: ({ children }: { children: unknown }) => children }));
const mockMinimums: unknown[] = [];
jest.mock('../../workers/passWorker', () => ({
  passWorker: () => ({
    portion: ({ minimum }: { minimum: unknown }) => {
      mockMinimums.push(minimum);
      return Promise.resolve([]);
    },
  }),
}));
jest.mock('../../workers/useForecasts', () => ({
  useForecasts: () => ({}),
  movedPull: () => undefined,
}));

const watching = { role: 'watcher', here: 'a', server: 'a' } as const;

describe('the menu and the report', () => {
  it('shows the methods, the sides and the shelf life of a dish, and removes it', async () => {
    const side = {
      name: 'Greens',
      handsOn: 60,
      handsOff: 180,
      needs: 'burner',
      keeps: 100,
    } as const;
    const asked = answerWith(({ method, path }) =>
      method === 'DELETE'
        ? new Response(null, { status: 204 })
        : json(path.includes('/dishes') ? { dishes: [{ ...STRIP, sides: [side] }] } : {}),
    );
    renderWithStore(<Menu />);
    const dishes = await screen.findByRole('list', { name: 'Dishes' });
    expect(dishes.textContent).toMatch(/in the pan, turned once, \d+ min and \d+ min of rest/);
    expect(dishes.textContent).toContain('keeps 2 days once prepared · with Greens, 4 min');
    fireEvent.click(within(dishes).getByRole('button', { name: 'Take off Strip' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'DELETE')).toBe(true));
  });

  it('names the allergens of a dish, and the sides that nobody stated', async () => {
    const side = { name: 'Mash', handsOn: 60, handsOff: 0, needs: 'burner', keeps: 1 } as const;
    const sauce = { ...side, name: 'Sauce', allergens: ['milk', 'celery'] };
    answerWith(() => json({ dishes: [{ ...STRIP, sides: [side, sauce] }] }));
    renderWithStore(<Menu />);
    const dishes = await screen.findByRole('list', { name: 'Dishes' });
    expect(dishes.textContent).toContain('contains celery, milk; allergens not stated: Mash');
  });

  it.each(['locked', 'atRisk'] as const)(
    'a dish under the published minimum is refused while the kitchen is %s',
    async (rule) => {
      answerWith(() => json({ dishes: [] }));
      const { store } = renderWithStore(<Menu />);
      act(() => void store.dispatch(kitchenChanged({ [rule]: true })));
      fireEvent.click(await screen.findByRole('button', { name: /^Add .* to the menu$/ }));
      await waitFor(() => expect(mockMinimums).toEqual([62.8]));
      expect(screen.getByRole('alert').textContent).toMatch(/ends under 62.8 °C, the minimum set/);
      mockMinimums.length = 0;
    },
  );

  it('shows why a table was late', async () => {
    const [order] = [ordered(100, '7', 1, { wanted: OPENS + 1_800_000 })];
    const sent: ServiceEvent = { id: uuid(99), at: OPENS + 3_600_000, kind: 'sent', of: uuid(100) };
    const piece = uuid(101);
    const { cook } = pieceOn(piece);
    const pulled = { id: uuid(904), kind: 'pulled' as const, at: OPENS + 3_400_000 };
    const service = {
      id: uuid(2),
      name: 'Friday',
      opensAt: OPENS,
      closesAt: OPENS + 1,
      dishes: [],
    };
    const asked = answerWith(({ path }) => {
      if (path.includes('/dishes')) return json({ dishes: [{ ...STRIP, removedAt: OPENS }] });
      if (path.includes('/demand')) return new Response(null, { status: 500 });
      if (path.endsWith('/services')) return json({ services: [service] });
      const { id, startedAt, plan, events } = cook;
      const cooked = { id, createdAt: startedAt, plan, events: [...events, pulled] };
      return json({ service, events: [order, begun(piece), sent], cooks: [cooked] });
    });
    renderWithStore(<After />);
    const tables = await screen.findByRole('list', { name: 'Tables sent' });
    expect(tables.textContent).toMatch(/^Table 730 min late.*its last piece was begun .* late$/);
    expect(screen.getByText(/^1 table, 1 piece; 0 of 1 within/)).toBeTruthy();
    // The dish was taken off the menu meanwhile: its pieces are counted, by its id and for this service.
    fireEvent.click(screen.getByText('Add to prep counts'));
    await screen.findByText(/^Not counted\./);
    expect(asked.find(({ method }) => method === 'POST')?.body).toEqual({
      days: [{ date: expect.any(String), dish: STRIP.id, count: 1, source: service.id }],
    });
  });

  it('opens a service or continues one; a view-only phone follows', async () => {
    const service = {
      id: uuid(2),
      name: 'Friday',
      opensAt: OPENS,
      closesAt: OPENS + 9e7,
      dishes: [],
    };
    answerWith(({ path }) => {
      if (path.includes('/dishes')) return json({ dishes: [STRIP] });
      if (path.endsWith('/services')) return json({ services: [service] });
      return json({ service, events: ORDERS, cooks: [] });
    });
    const { store } = renderWithStore(<OpenService onMenu={() => undefined} />);
    expect(await screen.findByText('Open a service')).toBeTruthy();
    act(() => void store.dispatch(roleFound(watching)));
    expect(screen.queryByText('Open a service')).toBeNull();
    fireEvent.click(await screen.findByText('Watch: Friday'));
    // Its events arrive with the stream of the log.
    expect(selectOpenService(store.getState())).toMatchObject({
      service,
      inBook: true,
      events: [],
    });
  });
});
