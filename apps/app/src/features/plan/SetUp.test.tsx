import { act, fireEvent, screen } from '@testing-library/react';
import { renderWithStore } from '../../renderWithStore';
import { unitsChosen } from '../../store/unitsSlice';
import { SetUp } from './SetUp';

const pans = (): readonly (string | null)[] =>
  [...screen.getByRole('radiogroup', { name: 'Pan' }).querySelectorAll('[role=radio]')].map(
    ({ textContent }) => textContent,
  );

describe('the widths of pans in the set-up', () => {
  it('are the sold sizes in the units of the cook', () => {
    const { store } = renderWithStore(<SetUp />);
    act(() => void store.dispatch(unitsChosen('metric')));
    expect(pans()).toEqual(['200 mm', '240 mm', '260 mm', '280 mm', '300 mm']);
  });

  it('are 8, 9 1/2, 10 1/4 and 12 in in inches, and include the default pan', () => {
    const { store } = renderWithStore(<SetUp />);
    act(() => void store.dispatch(unitsChosen('imperial')));
    expect(pans()).toEqual(['8 in', '9 1/2 in', '10 1/4 in', '12 in']);
    const chosen = screen.getByRole('radio', { name: '10 1/4 in' });
    expect(chosen.getAttribute('aria-checked')).toBe('true');
    fireEvent.click(screen.getByRole('radio', { name: '12 in' }));
    expect(store.getState().kitchen.pans[0]?.diameter).toBeCloseTo(0.3048, 4);
  });
});
