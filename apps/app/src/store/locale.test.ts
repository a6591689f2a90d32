import { act } from '@testing-library/react';
import { renderWithStore } from '../renderWithStore';
import { keepLight } from './keepLight';
import { lightChosen } from './lightSlice';
import { usualHours, usualUnits } from './locale';
import { makeStore } from './store';

describe('defaults of a locale', () => {
  it.each([
    ['en-US', 'imperial', '12'],
    ['en', 'imperial', '12'],
    ['en-GB', 'metric', '24'],
    ['de-DE', 'metric', '24'],
    ['en-AU', 'metric', '12'],
    ['fr-CA', 'metric', '24'],
    ['no such language', 'metric', '24'],
  ] as const)('%s: %s units, %s hours', (language, units, hours) => {
    expect(usualUnits(language)).toBe(units);
    expect(usualHours(language)).toBe(hours);
  });

  it('apply to a new page', () => {
    const { store } = renderWithStore(null);
    expect(store.getState().units).toEqual({ system: 'metric', hours: '24' });
  });
});

describe('the light of the pages', () => {
  const root = document.documentElement;
  afterEach(() => delete root.dataset['light']);

  it('follows each place, one choice, or the system as it changes', () => {
    let dark = false;
    const heard: (() => void)[] = [];
    Object.assign(window, {
      matchMedia: () => ({
        get matches() {
          return dark;
        },
        addEventListener: (_: string, hear: () => void) => void heard.push(hear),
        removeEventListener: () => undefined,
      }),
    });
    const store = makeStore();
    const stop = keepLight(store);
    expect(root.dataset['light']).toBeUndefined();
    act(() => void store.dispatch(lightChosen('dark')));
    expect(root.dataset['light']).toBe('dark');
    act(() => void store.dispatch(lightChosen('system')));
    expect(root.dataset['light']).toBe('light');
    dark = true;
    heard.forEach((hear) => hear());
    expect(root.dataset['light']).toBe('dark');
    act(() => void store.dispatch(lightChosen('places')));
    expect(root.dataset['light']).toBeUndefined();
    stop();
  });
});
