import { fireEvent, screen } from '@testing-library/react';
import type { CookRecord } from '@crustan/core/formats';
import { cookState, type CookEvent } from '@crustan/core/cook';
import { replay } from '@crustan/core/cook/replay';
import { renderWithStore } from '../../renderWithStore';
import { refusalOf, describeFailure } from '../../store/bookApi';
import { planOf, recordOf, uuid } from '../../testing';
import { EventList } from './EventList';
import { PlannedActual } from './PlannedActual';

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const plan = planOf();
const total = Math.round(plan.cookSeconds) + 40;
const events: readonly CookEvent[] = [
  { id: uuid(1), kind: 'started', at: T0 - 600_000 },
  { id: uuid(2), kind: 'in', at: T0 },
  { id: uuid(3), kind: 'turned', at: T0 + 250_000 },
  { id: uuid(4), kind: 'pulled', at: T0 + 300_000 },
  { id: uuid(5), kind: 'undo', at: T0 + 305_000, of: uuid(4) },
  { id: uuid(6), kind: 'pulled', at: T0 + total * 1000 },
  { id: uuid(7), kind: 'sliced', at: T0 + (total + 240) * 1000 },
];
const cook: CookRecord = {
  id: uuid(8),
  createdAt: T0,
  plan: recordOf(plan),
  events: [...events],
  judgement: { endTemperature: 57.2, crust: 'dark', notes: '' },
};
const state = cookState(plan, T0, events);

describe('planned against actual', () => {
  it('sets times and temperatures side by side', () => {
    const replayed = replay(plan, T0, events)?.plan;
    renderWithStore(<PlannedActual cook={cook} state={state} replayed={replayed} plannedIn={T0} />);
    const row = (name: string): string =>
      screen.getAllByRole('row').find((found) => found.textContent?.startsWith(name))
        ?.textContent ?? '';
    expect(row('On the heat in all')).toContain(`${Math.floor(total / 60)}:`);
    expect(row('Turned after')).toContain('4:10');
    expect(row('Rested')).toContain('4:00');
    expect(row('Core at the end')).toContain('54.0°57.2°');
    expect(row('Core at the end')).toContain(`${replayed?.peakCore.toFixed(1)} °C`);
    expect(row('Crust')).toMatch(/dark$/);
  });

  it('leaves a dash where nothing happened', () => {
    const none = cookState(plan, T0, []);
    const { judgement: _judgement, ...unjudged } = cook;
    renderWithStore(
      <PlannedActual cook={unjudged} state={none} replayed={undefined} plannedIn={T0} />,
    );
    expect(screen.getAllByText('–').length).toBeGreaterThanOrEqual(5);
  });
});

describe('what happened', () => {
  it('lists presses in order, without the one taken back', () => {
    renderWithStore(<EventList events={events} inAt={T0} />);
    const rows = screen.getAllByRole('listitem').map((row) => row.textContent ?? '');
    expect(rows).toHaveLength(5);
    expect(rows.filter((row) => row.includes('Out, to rest'))).toHaveLength(1);
    expect(rows[2]).toContain('4:10');
  });

  it('folds a long list and unfolds it', () => {
    const many = Array.from({ length: 20 }, (_, i): CookEvent => ({
      id: uuid(100 + i),
      kind: 'turned',
      at: T0 + i * 30_000,
    }));
    renderWithStore(<EventList events={many} inAt={T0} />);
    expect(screen.getAllByRole('listitem')).toHaveLength(6);
    fireEvent.click(screen.getByText('Show all 20'));
    expect(screen.getAllByRole('listitem')).toHaveLength(20);
  });
});

describe('a failed request', () => {
  it('shows the problem text of the server if there is one', () => {
    const data = { type: 'about:blank', title: 'No such cook', status: 404, detail: 'Not here.' };
    expect(describeFailure({ status: 404, data })).toBe('No such cook: Not here.');
    expect(describeFailure({ status: 502, data: '<html>' })).toBe('The server answered 502.');
  });

  it('does not count as a refusal if the server was not reached', () => {
    expect(refusalOf({ status: 'FETCH_ERROR', error: 'gone' })).toBeUndefined();
    expect(describeFailure(undefined)).toContain('cannot be reached');
  });
});
