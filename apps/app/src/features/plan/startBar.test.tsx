import { keptPlan } from '@crustan/core/formats';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { renderWithStore } from '../../renderWithStore';
import { serviceOpened, serviceSaid, cookStarted } from '../../store/logSlice';
import { selectCooks } from '../../store/logSelectors';
import { selectStoveCooks } from '../../store/passSlice';
import { planOf, recordOf, REQUEST, uuid } from '../../testing';
import { PlanActions } from './PlanActions';
import { StartBar } from './StartBar';
import { answerWith, json } from '../../fakeServer';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));
const mockPlan = planOf({ ...REQUEST, way: 'once' });
let mockFound: typeof mockPlan | undefined = mockPlan;
jest.mock('../../workers/planLane', () => ({
  laneOf: () => ({
    settled: () => Promise.resolve({ plan: mockFound, window: undefined, spread: undefined }),
  }),
}));

const PLATE = Date.UTC(2026, 10, 27, 19);
const shown = () => {
  mockPush.mockClear();
  localStorage.clear();
  return renderWithStore(<StartBar way="once" plan={mockPlan} plateAt={PLATE} />);
};

describe('the start of a plan under the thumb', () => {
  it('says the way and its minutes, and takes the plan that is there by then to the stove', async () => {
    const { store, container } = shown();
    expect(container.textContent).toMatch(/^In the pan, turned once\d+:\d\d/);
    fireEvent.click(screen.getByText('Start at the stove'));
    await waitFor(() => expect(selectCooks(store.getState())).toHaveLength(1));
    const [cook] = selectCooks(store.getState());
    expect(cook?.plan).toMatchObject({ title: 'Strip steak, 25 mm', plateAt: PLATE });
    expect(cook?.events.map(({ kind }) => kind)).toEqual(['started']);
    expect(mockPush).toHaveBeenCalledWith('/stove');
    // Pressed again it goes to that cook: there is one.
    fireEvent.click(screen.getByText('Go to the cook'));
    expect(selectCooks(store.getState())).toHaveLength(1);
  });

  it('starts a cook of its own while a service is open: the pieces of its tables are not its plate', async () => {
    const { store } = shown();
    const order = {
      id: uuid(40),
      table: '4',
      pieces: [{ id: uuid(41), dish: uuid(42), doneness: 'rare' }],
    };
    const service = { id: uuid(2), name: 'F', opensAt: PLATE, closesAt: PLATE + 1, dishes: [] };
    const event = { id: uuid(43), kind: 'started', at: PLATE } as const;
    act(() => {
      store.dispatch(serviceOpened({ service }));
      const ordered = { id: uuid(44), at: PLATE, kind: 'ordered', order } as const;
      store.dispatch(serviceSaid({ service: service.id, event: ordered }));
      store.dispatch(
        cookStarted({
          ...{ id: uuid(41), startedAt: PLATE, plan: recordOf(mockPlan, PLATE) },
          ...{ together: { id: order.id, waits: 0 }, event },
        }),
      );
    });
    fireEvent.click(screen.getByText('Start at the stove'));
    await waitFor(() => expect(selectStoveCooks(store.getState())).toHaveLength(1));
    expect(selectStoveCooks(store.getState())[0]?.together?.id).not.toBe(order.id);
  });

  it('starts nothing where no plan came of it', async () => {
    mockFound = undefined;
    const { store } = shown();
    fireEvent.click(screen.getByText('Start at the stove'));
    await Promise.resolve();
    await Promise.resolve();
    expect(selectCooks(store.getState())).toEqual([]);
    expect(mockPush).not.toHaveBeenCalled();
    mockFound = mockPlan;
  });
});

describe('what else is done with a plan', () => {
  const RECORD = {
    id: uuid(1),
    createdAt: PLATE,
    title: 'Strip steak, 25 mm',
    plateAt: PLATE,
    plan: keptPlan(mockPlan),
  };
  const kept = async (status: number) => {
    const asked = answerWith(() =>
      status === 200
        ? json({ ...RECORD, events: [] })
        : new Response(JSON.stringify({ detail: 'The disk is full.' }), {
            status,
            headers: { 'Content-Type': 'application/problem+json' },
          }),
    );
    renderWithStore(
      <PlanActions record={() => Promise.resolve(RECORD)} what={{ keep: 'Save this plan' }} />,
    );
    // Without a start: on a phone that is in the bar.
    expect(screen.getAllByRole('button').map((one) => one.textContent)).toEqual(['Save this plan']);
    fireEvent.click(screen.getByText('Save this plan'));
    await waitFor(() => expect(asked).toHaveLength(1));
    return asked;
  };

  it('it is kept, and another may be', async () => {
    const asked = await kept(200);
    expect(await screen.findByText('Kept; keep another')).toBeTruthy();
    expect(asked[0]?.body).toMatchObject({ id: RECORD.id, title: RECORD.title });
  });

  it('says that it was not kept, and why', async () => {
    await kept(507);
    expect((await screen.findByRole('alert')).textContent).toMatch(/^Not saved\. /);
    expect(screen.getByText('Save this plan')).toBeTruthy();
  });
});
