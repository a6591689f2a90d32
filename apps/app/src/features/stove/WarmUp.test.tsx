import { fireEvent, screen } from '@testing-library/react';
import type { CookEvent } from '@crustan/core/cook/event';
import { DEFAULT_OVEN } from '@crustan/core/gear/ovenBody';
import { DEFAULT_PAN } from '@crustan/core/gear/pan';
import { renderWithStore } from '../../renderWithStore';
import { planOf, recordOf, REQUEST, uuid } from '../../testing';
import { liveCook } from './liveCook';
import { WarmUp } from './WarmUp';

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const GEAR = { pan: DEFAULT_PAN, oven: DEFAULT_OVEN };
const THICK = { ...REQUEST, thickness: 0.036, weight: 0.42 };

describe('questions about the preheat', () => {
  const open = (way: 'once' | 'oven-sear' | 'sear-oven', events: readonly CookEvent[]) => {
    const plan = recordOf(planOf({ ...THICK, way }), T0 + 3 * 3_600_000);
    const cook = {
      id: uuid(1),
      startedAt: T0,
      plan,
      events: [{ id: uuid(2), kind: 'started' as const, at: T0 }, ...events],
      startKnown: true,
      refused: {},
      known: [],
    };
    const press = jest.fn();
    renderWithStore(<WarmUp live={liveCook(cook, GEAR, undefined)} press={press} />);
    return press;
  };
  const event = (
    kind: 'pan-on' | 'oven-on' | 'in' | 'turned' | 'out',
    seconds: number,
  ): CookEvent => ({
    id: uuid(100 + seconds),
    kind,
    at: T0 + seconds * 1000,
  });

  it('appears once each: the pan for a sear, the oven for an oven step', () => {
    const press = open('sear-oven', []);
    // The pan of a sear is the step under "Now": the large button is its own.
    expect(screen.queryByText('The pan is on')).toBeNull();
    fireEvent.click(screen.getByText('The oven is on'));
    expect(press.mock.calls.map(([{ kind }]) => kind)).toEqual(['oven-on']);
  });

  it('does not appear after an answer, nor for an oven that is not used', () => {
    open('once', [event('pan-on', 10)]);
    expect(screen.queryByText(/is on/)).toBeNull();
  });

  it('asks about the pan for a later sear while the piece is in the oven', () => {
    open('oven-sear', []);
    expect(screen.queryByText('The pan is on')).toBeNull();
    screen.getByText('The oven is on');
  });

  it('asks about the pan once the piece is in the oven', () => {
    open('oven-sear', [event('oven-on', 10), event('in', 1800)]);
    screen.getByText('The pan is on');
    expect(screen.queryByText('The oven is on')).toBeNull();
  });
});
