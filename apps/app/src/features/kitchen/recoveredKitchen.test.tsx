import { act, fireEvent, screen } from '@testing-library/react';
import { DEFAULT_KITCHEN } from '@crustan/core/formats/kitchen';
import { renderWithStore } from '../../renderWithStore';
import { kitchenOffered } from '../../store/reachSlice';
import { RecoveredKitchen } from './RecoveredKitchen';

describe('a stored kitchen that could not be read', () => {
  const offered = () => {
    const shown = renderWithStore(<RecoveredKitchen />);
    expect(screen.queryByRole('alert')).toBeNull();
    const recovered = { ...DEFAULT_KITCHEN, hands: 3 };
    act(() => void shown.store.dispatch(kitchenOffered(recovered)));
    expect(screen.getByRole('alert').textContent).toContain('could not be read');
    return shown.store;
  };

  it('falls back to the last valid one', () => {
    const store = offered();
    fireEvent.click(screen.getByText('Use the last valid kitchen'));
    expect(store.getState().kitchen.hands).toBe(3);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('or by the settings of this device', () => {
    const store = offered();
    const before = store.getState().kitchen;
    fireEvent.click(screen.getByText('Keep these settings'));
    expect(store.getState().kitchen).toBe(before);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
