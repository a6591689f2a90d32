import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { kitchenSchema } from '@crustan/core/formats';
import { renderWithStore } from '../../renderWithStore';
import { gearInUse, kitchenChanged, panInUse, plannedOn } from '../../store/kitchenSlice';
import { useScales } from '../../store/useScales';
import { KitchenScreen } from './KitchenScreen';

const kitchenOf = () => {
  const rendered = renderWithStore(<KitchenScreen />);
  return { ...rendered, kitchen: () => rendered.store.getState().kitchen };
};

describe('the kitchen', () => {
  it('takes another pan, names it, measures it, cooks on it', () => {
    const { kitchen } = kitchenOf();
    const before = screen.getByText(/to 215 °C on full/).textContent;
    fireEvent.click(screen.getByText('Add a pan'));
    expect(kitchen().inUse.pan).toBe(kitchen().pans[1]?.id);
    fireEvent.change(screen.getByLabelText('Name of the pan'), {
      target: { value: 'The big one' },
    });
    fireEvent.change(screen.getByLabelText('Weight of the pan in g'), {
      target: { value: '4200' },
    });
    fireEvent.change(screen.getByLabelText('Cooking width in mm'), { target: { value: '320' } });
    expect(panInUse(kitchen())).toMatchObject({ diameter: 0.32, mass: 4.2 });
    expect(kitchen().pans[1]?.name).toBe('The big one');
    expect(screen.getByText(/to 215 °C on full|too cool to sear/).textContent).not.toBe(before);
    fireEvent.click(screen.getByText('Take this one away'));
    expect(kitchen().pans).toHaveLength(1);
    expect(screen.queryByText('Take this one away')).toBeNull();
  });

  it('keeps the house’s side of what a kitchen does: new plans begin with it', () => {
    const { store } = renderWithStore(<KitchenScreen />);
    const request = () => store.getState().draft.request;
    expect(request()).toMatchObject({ knob: 'up', press: 'loose', restOn: 'board', stem: 'top' });
    for (const [rule, label] of [
      ['Burner when food goes in', 'Left alone'],
      ['On the iron', 'Pressed flat'],
      ['It rests', 'On a warm plate'],
      ['The oven', 'Gas'],
      ['Below the rack', 'A tray'],
      ['The thermometer goes in', 'From the side'],
    ] as const) {
      const choice = screen.getByRole('radiogroup', { name: rule });
      fireEvent.click(within(choice).getByText(label));
    }
    expect(request()).toMatchObject({
      knob: 'left',
      press: 'pressed',
      restOn: 'warm-plate',
      ovenFuel: 'gas',
      tray: true,
      stem: 'side',
    });
  });

  it('refuses a pan that weighs nothing, and keeps the last good figure', () => {
    const { kitchen } = kitchenOf();
    fireEvent.change(screen.getByLabelText('Weight of the pan in g'), { target: { value: '0' } });
    expect(screen.getByRole('alert').textContent).toBe(
      'Weight of the pan runs from 500 g to 12000 g.',
    );
    expect(kitchen().pans[0]?.mass).toBe(2.4);
  });

  it('keeps plans to the table of minimums under a lock or with someone at risk', () => {
    const { kitchen } = kitchenOf();
    const DUCK = { cut: 'duck-breast' } as const;
    expect(plannedOn(kitchen(), DUCK).minimum).toBeUndefined();
    fireEvent.click(screen.getByText('Locked to the published minimum'));
    expect(plannedOn(kitchen(), DUCK).minimum).toBe(73.9);
    fireEvent.click(screen.getByText('a caution beside each plan'));
    fireEvent.click(screen.getByText('Someone at risk'));
    expect(plannedOn(kitchen(), { cut: 'ribeye' }).minimum).toBe(62.8);
  });

  it('sets burner, oven, salt and the rule for the rest, all of it fit to be kept', () => {
    const { kitchen } = kitchenOf();
    fireEvent.click(screen.getByText('Induction'));
    fireEvent.change(screen.getByLabelText('Burner at full in kW'), { target: { value: '2.2' } });
    fireEvent.change(screen.getByLabelText('Oven offset in °C'), { target: { value: '-12' } });
    fireEvent.click(screen.getByText('coarse flakes'));
    fireEvent.change(screen.getByLabelText('Name of the salt'), { target: { value: 'grey salt' } });
    fireEvent.click(screen.getByText('Fixed minutes'));
    fireEvent.change(screen.getByLabelText('Fixed rest in min'), { target: { value: '8' } });
    expect(kitchen()).toMatchObject({
      burners: [{ kind: 'induction', power: 2200 }],
      ovens: [{ offset: -12 }],
      salt: 1,
      restRule: 'fixed',
      restSeconds: 480,
    });
    expect(kitchen().salts[1]?.name).toBe('grey salt');
    expect(gearInUse(kitchen()).oven.offset).toBe(-12);
    expect(kitchenSchema.parse(JSON.parse(JSON.stringify(kitchen())))).toEqual(kitchen());
  });

  it('takes the house’s side of each dispute into the plan', () => {
    const { store } = kitchenOf();
    fireEvent.click(screen.getByText('2 days'));
    fireEvent.click(screen.getByText('Often'));
    fireEvent.click(screen.getByText('clarified butter'));
    fireEvent.click(screen.getByText('Wrapped'));
    fireEvent.click(screen.getByText(/^As hot as it goes/));
    expect(store.getState().draft.request).toMatchObject({
      saltAhead: 172_800,
      surface: 'aired',
      way: 'often',
      fat: 'clarified-butter',
      cover: 'wrapped',
      pan: 270,
    });
  });

  it('moves a step of a scale, its end along, and back again', async () => {
    const { kitchen } = kitchenOf();
    fireEvent.change(screen.getByLabelText('Medium-rare from in °C'), { target: { value: '55' } });
    const step = () => kitchen().scales.beef?.find(({ name }) => name === 'medium-rare');
    expect(step()).toEqual({ name: 'medium-rare', from: 55, target: 57 });
    fireEvent.change(screen.getByLabelText('Medium-rare from in °C'), { target: { value: '64' } });
    expect(step()?.from).toBe(55);
    fireEvent.click(screen.getByText('Back to the default scale'));
    await waitFor(() => expect(kitchen().scales.beef).toBeUndefined());
  });
});

it('names doneness by this kitchen’s own scale', () => {
  const Says = () => <p>{useScales().donenessOf('beef', 54).name}</p>;
  const { store, container } = renderWithStore(<Says />);
  expect(container.textContent).toBe('medium-rare');
  const beef = [
    { name: 'soft', from: 0, target: 50 },
    { name: 'set', from: 56, target: 60 },
  ];
  act(() => void store.dispatch(kitchenChanged({ scales: { beef } })));
  expect(container.textContent).toBe('soft');
});
