import { fireEvent, screen } from '@testing-library/react';
import { renderWithStore } from '../../renderWithStore';
import { GreyBandLines } from './GreyBandLines';

describe('the lines on the photograph of a slice', () => {
  const save = jest.fn();
  beforeEach(() => {
    save.mockReset();
    renderWithStore(
      <GreyBandLines
        src="/photo"
        thickness={0.04}
        isSaving={false}
        onSave={save}
        onClose={jest.fn()}
      />,
    );
  });

  it('give the grey band in millimetres, and are moved by keys', () => {
    // The faces stand at 10 and 90 %, pink at 30 to 70 %: a quarter of 40 mm on either side.
    expect(screen.getByRole('status').textContent).toBe('Grey band: 10.0 mm above, 10.0 mm below.');
    const pink = screen.getByRole('slider', { name: 'Pink begins' });
    fireEvent.keyDown(pink, { key: 'PageUp' });
    fireEvent.keyDown(pink, { key: 'PageUp' });
    expect(screen.getByRole('status').textContent).toBe('Grey band: 5.0 mm above, 10.0 mm below.');
    fireEvent.click(screen.getByRole('button', { name: 'Save the grey band' }));
    const [depths] = save.mock.calls[0];
    expect(depths.upper).toBeCloseTo(0.005);
    expect(depths.lower).toBeCloseTo(0.01);
  });

  it('stay in their order, and refuse faces that lie on one another', () => {
    const lower = screen.getByRole('slider', { name: 'Lower face' });
    for (let i = 0; i < 20; i += 1) fireEvent.keyDown(lower, { key: 'PageUp' });
    expect(lower.getAttribute('aria-valuenow')).toBe('70');
    for (const name of ['Pink ends', 'Pink begins', 'Lower face']) {
      const line = screen.getByRole('slider', { name });
      for (let i = 0; i < 20; i += 1) fireEvent.keyDown(line, { key: 'PageUp' });
    }
    const upper = screen.getByRole('slider', { name: 'Upper face' });
    for (const name of ['Pink ends', 'Lower face']) {
      const line = screen.getByRole('slider', { name });
      for (let i = 0; i < 20; i += 1) fireEvent.keyDown(line, { key: 'PageUp' });
    }
    expect(upper.getAttribute('aria-valuenow')).toBe('10');
    screen.getByText('The two faces lie too close together to measure.');
    fireEvent.click(screen.getByRole('button', { name: 'Save the grey band' }));
    expect(save).not.toHaveBeenCalled();
  });
});
