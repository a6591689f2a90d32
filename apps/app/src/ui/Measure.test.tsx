import { fireEvent, render, screen } from '@testing-library/react';
import type { UnitSystem } from '@crustan/core/units';
import { Measure } from './Measure';

const show = (units: UnitSystem = 'metric') => {
  const onChange = jest.fn();
  render(
    <Measure
      label="Thickness"
      kind="thickness"
      units={units}
      value={0.025}
      least={0.003}
      most={0.12}
      onChange={onChange}
    />,
  );
  return onChange;
};

describe('Measure', () => {
  it('takes a figure in the shown unit, with a comma too', () => {
    const onChange = show();
    const field = screen.getByLabelText('Thickness in mm');
    fireEvent.change(field, { target: { value: '32,5' } });
    expect(onChange).toHaveBeenCalledWith(0.0325);
  });

  it.each(['2', '150', '-4', 'thick', ''])(
    'refuses %p with the range, and keeps the old',
    (text) => {
      const onChange = show();
      fireEvent.change(screen.getByLabelText('Thickness in mm'), { target: { value: text } });
      expect(onChange).not.toHaveBeenCalled();
      expect(screen.getByRole('alert').textContent).toBe('Thickness runs from 3 mm to 120 mm.');
    },
  );

  it('converts once: an inch is 25.4 mm', () => {
    const onChange = show('imperial');
    fireEvent.change(screen.getByLabelText('Thickness in in'), { target: { value: '1.5' } });
    expect(onChange.mock.calls[0][0]).toBeCloseTo(0.0381, 6);
  });
});
