import { restartClock } from '../../store/clock';
import { act, fireEvent, screen } from '@testing-library/react';
import { cookState, type CookEvent, type DueStep } from '@crustan/core/cook';
import { renderWithStore } from '../../renderWithStore';
import { unitsChosen } from '../../store/unitsSlice';
import { planOf, uuid } from '../../testing';
import { readingSense } from '@crustan/core/estimate/readingSense';
import { AddReading } from './AddReading';
import { Countdown } from './Countdown';
import { LastReading } from './LastReading';
import { TakeBack } from './TakeBack';

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const plan = planOf();

describe('Countdown', () => {
  beforeEach(() => {
    jest.useFakeTimers({ now: T0 });
    restartClock();
  });
  afterEach(() => jest.useRealTimers());
  const step: DueStep = { kind: 'turn', dueAt: T0 + 90_000 };

  it('counts down to the step and then says how late it is', () => {
    renderWithStore(<Countdown step={step} />);
    expect(screen.getByRole('timer').getAttribute('aria-label')).toBe('1:30 left');
    act(() => {
      jest.advanceTimersByTime(60_000);
    });
    expect(screen.getByText('0:30')).toBeTruthy();
    act(() => {
      jest.advanceTimersByTime(45_000);
    });
    expect(screen.getByText('+0:15')).toBeTruthy();
    expect(screen.getByRole('timer').getAttribute('aria-label')).toBe('0:15 late');
  });
});

describe('AddReading', () => {
  const show = (imperial = false) => {
    const onRead = jest.fn();
    const { store } = renderWithStore(<AddReading onRead={onRead} onClose={jest.fn()} />);
    if (imperial) act(() => void store.dispatch(unitsChosen('imperial')));
    return onRead;
  };
  const type = (label: string, text: string): void => {
    fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
    fireEvent.click(screen.getByText('Keep reading'));
  };

  it('keeps a reading in Celsius, whichever unit it was typed in', () => {
    const metric = show();
    type('Core temperature in °C', '48,5');
    expect(metric).toHaveBeenCalledWith(48.5, false);
  });

  it('says when it is the lowest of three', () => {
    const onRead = show();
    fireEvent.click(screen.getByText('The lowest of three'));
    type('Core temperature in °C', '50');
    expect(onRead).toHaveBeenCalledWith(50, true);
  });

  it('takes the firmness under a finger instead of a figure, where it shows the core', () => {
    const onFelt = jest.fn();
    const { rerender } = renderWithStore(
      <AddReading onRead={jest.fn()} onFelt={onFelt} onClose={jest.fn()} />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'springy' }));
    expect(onFelt).toHaveBeenCalledWith('springy');
    // Not at once where the middle cannot be so yet.
    rerender(<AddReading onRead={jest.fn()} onFelt={onFelt} expected={9} onClose={jest.fn()} />);
    fireEvent.click(screen.getByRole('button', { name: 'firm' }));
    expect(onFelt).toHaveBeenCalledTimes(1);
    screen.getByText(/should be about 9° by now; firm is not expected/);
    fireEvent.click(screen.getByRole('button', { name: 'firm' }));
    expect(onFelt).toHaveBeenLastCalledWith('firm');
    rerender(<AddReading onRead={jest.fn()} onClose={jest.fn()} />);
    expect(screen.queryByRole('button', { name: 'springy' })).toBeNull();
  });

  it('reads Fahrenheit when the cook does', () => {
    const imperial = show(true);
    type('Core temperature in °F', '122');
    expect(imperial.mock.calls[0][0]).toBeCloseTo(50, 9);
  });

  it('asks about a figure that looks like the other unit, and keeps either', () => {
    const onRead = jest.fn();
    const senseOf = (celsius: number) => readingSense(celsius, 54);
    renderWithStore(<AddReading onRead={onRead} onClose={jest.fn()} senseOf={senseOf} />);
    // A piece that is still 12 °C in the middle, where 54 °C was expected.
    type('Core temperature in °C', '12');
    expect(screen.getByRole('alert').textContent).toContain('That looks like Fahrenheit');
    fireEvent.click(screen.getByText('It is 12 °C'));
    expect(onRead).toHaveBeenLastCalledWith(12, false);
    type('Core temperature in °C', '130');
    expect(screen.queryByText('It is 130 °C')).toBeNull();
    fireEvent.click(screen.getByText('Keep 54 °C'));
    expect(onRead.mock.lastCall?.[0]).toBeCloseTo(54.4, 1);
  });

  it.each(['', 'hot', '130', '-20'])('refuses %p and says what a core reads', (text) => {
    const onRead = show();
    type('Core temperature in °C', text);
    expect(onRead).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toContain('-5 °C to 120 °C');
  });
});

describe('what was pressed', () => {
  const events: readonly CookEvent[] = [
    { id: uuid(1), kind: 'in', at: T0 },
    { id: uuid(2), kind: 'reading', at: T0 + 240_000, celsius: 40 },
  ];
  const state = cookState(plan, T0, events);

  it('holds the last reading against the plan', () => {
    renderWithStore(<LastReading state={state} />);
    const planned = state.readings[0]?.planned ?? NaN;
    expect(screen.getByText(/^40\.0 °C at /).textContent).toContain(
      `${(40 - planned).toFixed(1)} °C over the plan’s ${planned.toFixed(0)}°`,
    );
  });

  it('takes back the last press and names it', () => {
    const press = jest.fn();
    const fresh = () => ({ id: uuid(9), at: T0 + 250_000 });
    renderWithStore(<TakeBack state={state} press={press} fresh={fresh} />);
    fireEvent.click(screen.getByText(/^Take back the reading, /));
    expect(press).toHaveBeenCalledWith({ ...fresh(), kind: 'undo', of: uuid(2) });
  });

  it('has nothing to take back before the first press', () => {
    const { container } = renderWithStore(
      <TakeBack
        state={cookState(plan, T0, [])}
        press={jest.fn()}
        fresh={() => ({ id: uuid(9), at: T0 })}
      />,
    );
    expect(container.textContent).toBe('');
  });
});
