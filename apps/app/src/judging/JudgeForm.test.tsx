import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { judgementSchema, type Judgement } from '@crustan/core/formats';
import { renderWithStore } from '../renderWithStore';
import { unitsChosen } from '../store/unitsSlice';
import { JudgeForm } from './JudgeForm';
import { judgeSchema, typedOf } from './judgeSchema';

const DONENESS = ['rare', 'medium-rare', 'medium'];

describe('JudgeForm', () => {
  const show = (said?: Judgement, imperial = false) => {
    const onJudge = jest.fn();
    const { store } = renderWithStore(
      <JudgeForm busy={false} doneness={DONENESS} said={said} onJudge={onJudge} />,
    );
    if (imperial) act(() => void store.dispatch(unitsChosen('imperial')));
    const write = (): void => {
      fireEvent.click(screen.getByText('Write it in the logbook'));
    };
    const more = screen.queryByText(/^Say more/);
    if (more) fireEvent.click(more);
    const type = (label: RegExp, value: string): void => {
      fireEvent.change(screen.getByLabelText(label), { target: { value } });
    };
    return { onJudge, write, type };
  };
  const judged = async (onJudge: jest.Mock): Promise<unknown> => {
    await waitFor(() => expect(onJudge).toHaveBeenCalled());
    return onJudge.mock.calls[0]?.[0];
  };

  it('judges without a thermometer and without scales', async () => {
    const { onJudge, write, type } = show();
    fireEvent.click(screen.getByText('golden'));
    type(/Notes/, 'Again.');
    write();
    expect(await judged(onJudge)).toEqual({ crust: 'golden', notes: 'Again.' });
  });

  it('says everything a cook looks at afterwards, in SI', async () => {
    const { onJudge, write, type } = show();
    type(/Measured peak/, '54,5');
    for (const word of [
      'medium-rare',
      'dark',
      'crisp',
      'thin',
      'a pool',
      'tender',
      'right',
      'with a change',
    ]) {
      fireEvent.click(screen.getByText(word));
    }
    type(/^Raw/, '300');
    type(/^Rested/, '255');
    type(/cost/, '9.50');
    write();
    const said = await judged(onJudge);
    expect(said).toEqual({
      endTemperature: 54.5,
      doneness: 'medium-rare',
      crust: 'dark',
      crunch: 'crisp',
      greyBand: 'thin',
      juice: 'pool',
      tenderness: 'tender',
      seasoning: 'right',
      again: 'with-change',
      weightBefore: 0.3,
      weightAfter: 0.255,
      paid: 9.5,
      notes: '',
    });
    expect(judgementSchema.safeParse(said).success).toBe(true);
  });

  it.each([
    [/Measured peak/, '540', 'from 0 to 120 °C'],
    [/Measured peak/, 'hot', 'from 0 to 120 °C'],
    [/^Raw/, '3', 'from 20 to 5000 g'],
    [/cost/, '-4', 'from 0 to 100,000'],
  ])('refuses %s %s, says what is right, and judges nothing', async (label, value, right) => {
    const { onJudge, write, type } = show();
    type(label, value);
    write();
    expect((await screen.findByRole('alert')).textContent).toContain(right);
    expect(onJudge).not.toHaveBeenCalled();
  });

  it('asks again where a rested piece weighs more than a raw one', async () => {
    const { onJudge, write, type } = show();
    type(/^Raw/, '250');
    type(/^Rested/, '300');
    write();
    expect((await screen.findByRole('alert')).textContent).toContain('more rested than raw');
    expect(onJudge).not.toHaveBeenCalled();
  });

  it('begins with what was said before, and says it again unchanged in either unit', () => {
    const said: Judgement = {
      endTemperature: 54.5,
      crust: 'golden',
      weightBefore: 0.3,
      weightAfter: 0.25,
      paid: 9,
      notes: 'As before',
    };
    expect(judgeSchema('metric').parse(typedOf(said, 'metric'))).toEqual(said);
    const again = judgeSchema('imperial').parse(typedOf(said, 'imperial'));
    expect(again.endTemperature).toBeCloseTo(54.5, 1);
    expect(again.weightBefore).toBeCloseTo(0.3, 2);
    expect(again).toMatchObject({ crust: 'golden', paid: 9, notes: 'As before' });
  });
});
