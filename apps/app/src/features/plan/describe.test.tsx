import { act, fireEvent, screen } from '@testing-library/react';
import { renderWithStore } from '../../renderWithStore';
import { DescribeField } from './DescribeField';
import { saidPlate } from './saidPlate';

const WEDNESDAY = new Date('2026-10-07T12:00:00+02:00').getTime();
const settled = () => act(async () => void (await new Promise((done) => setTimeout(done, 50))));

describe('a dinner in the cook’s own words', () => {
  beforeAll(() => import('../../words/grammar'), 60_000);

  const filled = async (words: string) => {
    const rendered = renderWithStore(<DescribeField said="" />);
    fireEvent.change(screen.getByLabelText('Describe what you cook'), { target: { value: words } });
    fireEvent.click(screen.getByRole('button', { name: 'Fill the sentence' }));
    await settled();
    return rendered;
  };

  it('fills the sentence, marks what it used, lists what it did not, and is undone by one tap', async () => {
    const { store } = await filled('two ribeyes, 4 cm, medium rare at eight, with chips');
    const before = store.getState().draft.beforeSaid?.request;
    expect(store.getState().draft.request).toMatchObject({
      ...{ cut: 'ribeye', pieces: 2, thickness: 0.04, target: 55 },
    });
    expect(store.getState().draft.plate.hour).toBe('20:00');
    const status = screen.getByRole('status').textContent ?? '';
    expect(status).toContain('two ribeyes, 4 cm, medium rare at eight, with chips');
    expect(screen.getByText(/^“chips” was not used: /)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(store.getState().draft.request).toEqual(before);
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
  });

  it('asks for the meaning, applies the answer, and takes both back at once', async () => {
    const { store } = await filled('two fillets, rare');
    const before = store.getState().draft.beforeSaid?.request;
    expect(screen.getByText(/^“fillets” was not used: which piece\?/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Read fillets as salmon fillet' }));
    await settled();
    expect(store.getState().draft.request).toMatchObject({ cut: 'salmon-skin-on', pieces: 2 });
    expect(screen.queryByText(/was not used/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(store.getState().draft.request).toEqual(before);
  });

  it('changes nothing if no word is known', async () => {
    const { store } = await filled('lorem ipsum');
    expect(store.getState().draft.beforeSaid).toBeUndefined();
    expect(screen.getByText(/^“lorem ipsum” was not used: /)).toBeTruthy();
  });

  it('reads a sentence from a link at once', async () => {
    const { store } = renderWithStore(<DescribeField said="duck breast from cold" />);
    await settled();
    expect(store.getState().draft.request).toMatchObject({ cut: 'duck-breast', way: 'cold-pan' });
  });

  it('has a weekday as the next of its name, today included', () => {
    const plate = { hour: '19:30' };
    const on = (day: 'wednesday' | 'saturday' | 'tuesday' | 'tomorrow' | 'today') =>
      saidPlate({ hour: undefined, day }, plate, WEDNESDAY)?.day;
    expect(on('today')).toBe('2026-10-07');
    expect(on('tomorrow')).toBe('2026-10-08');
    expect(on('wednesday')).toBe('2026-10-07');
    expect(on('saturday')).toBe('2026-10-10');
    expect(on('tuesday')).toBe('2026-10-13');
    expect(saidPlate({ hour: '20:00', day: undefined }, plate, WEDNESDAY)).toEqual({
      hour: '20:00',
    });
    expect(saidPlate({ hour: undefined, day: undefined }, plate, WEDNESDAY)).toBeUndefined();
  });
});
