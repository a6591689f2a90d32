import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import type { PlanUpdate } from '@crustan/core/plan';
import { planWay } from '../../solver.bundle';
import { heatStartFor, runOf } from '@crustan/core/schedule';
import { renderWithStore } from '../../renderWithStore';
import { plateMoment } from '../../store/plateTime';
import { draftTaken } from '../../store/draftSlice';
import { keepNative } from '../../store/nativeDraft';
import { unitsChosen } from '../../store/unitsSlice';
import { planOf, REQUEST, slicedPlanOf } from '../../testing';
import { showIn } from '../../words/show';
import { Figures } from '../../ui/Figures';
import { Blocked } from './Blocked';
import { Cautions } from './Cautions';
import { CutChooser } from './editors/CutChooser';
import { planFigures, timeRange } from './planFigures';
import { RunColumn } from './RunColumn';
import { Sentence } from './Sentence';
import { EDITABLE } from './sentenceWords';
import { sliceOf } from '../../words/sliceOf';
import { Way } from './Ways';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn() }) }));

jest.mock('../../workers/planner', () => ({ plannerWorker: () => asking() }));
/** A worker that never answers. */
const asking = () => ({
  salt: () => new Promise(() => undefined),
  temper: () => new Promise(() => undefined),
  changes: () => new Promise(() => undefined),
  thinEnd: () => new Promise(() => undefined),
});

const { plan: once, slices } = slicedPlanOf();
const often = planOf({ ...REQUEST, way: 'often' });
const show = showIn('metric');
const told = [...planWay(REQUEST)].filter((update): update is PlanUpdate => update !== null);
const window = told.find((update) => update.kind === 'window')?.window;
const spread = told.find((update) => update.kind === 'spread')?.spread;

describe('the figures of a plan', () => {
  it('come from the plan, each with a sentence of explanation', () => {
    const items = planFigures(once, { window, spread }, show);
    expect(items.map(({ label }) => label)).toEqual([
      'in the pan',
      'pull at',
      'window',
      'grey band',
      'even',
      'crust',
      'at the stove',
      'loss',
    ]);
    for (const { value, why } of items) {
      expect(why).toMatch(/\.$/);
      expect(`${value} ${why}`).not.toMatch(/NaN|undefined/);
    }
    expect(items[0]?.why).toContain('of thickness moves it');
    expect(items[1]?.value).toBe(`${once.pullCore.toFixed(0)}°`);
  });

  it('show no window before it is computed', () => {
    const labels = planFigures(once, { window: undefined, spread: undefined }, show);
    expect(labels.map(({ label }) => label)).not.toContain('window');
  });

  it('show ranges no finer than their uncertainty', () => {
    expect(timeRange(500, 60)).toBe('7:15 to 9:15');
    expect(timeRange(90, 12)).toBe('1:20 to 1:40');
    expect(timeRange(10, 30)).toMatch(/^0:05/);
  });

  it('answer why when tapped, one at a time', () => {
    renderWithStore(
      <Figures
        items={[
          { label: 'a', value: '1', why: 'Because one.' },
          { label: 'b', value: '2', why: 'Because two.' },
        ]}
      />,
    );
    fireEvent.click(screen.getByLabelText('a: 1. Why?'));
    expect(screen.getByText('Because one.')).toBeTruthy();
    fireEvent.click(screen.getByLabelText('b: 2. Why?'));
    expect(screen.queryByText('Because one.')).toBeNull();
    fireEvent.click(screen.getByLabelText('b: 2. Why?'));
    expect(screen.queryByText('Because two.')).toBeNull();
  });
});

describe('the ways', () => {
  it('stand side by side, and choosing one changes the plan', () => {
    const { store } = renderWithStore(
      <>
        <Way way="once" chosen plan={once} slices={slices} window={window} obstacle={undefined} />
        <Way
          way="often"
          chosen={false}
          plan={often}
          slices={undefined}
          window={undefined}
          obstacle={undefined}
        />
        <Way
          way="sear-oven"
          chosen={false}
          plan={undefined}
          slices={undefined}
          window={undefined}
          obstacle={{ reason: 'over', lowest: 61 }}
        />
      </>,
    );
    const [first, second, third] = screen.getAllByRole('radio');
    expect(first?.getAttribute('aria-checked')).toBe('true');
    expect(second?.textContent).toContain('turned often');
    // Each says who should choose it; one that cannot work says why.
    expect(second?.textContent).toContain('stays at the stove');
    expect(third?.textContent).toContain('Cannot: the sears alone');
    if (second) fireEvent.click(second);
    expect(store.getState().draft.request.way).toBe('often');
  });
});

describe('the timeline', () => {
  it('is one column of clock times up to the plate', () => {
    const plateAt = new Date(2026, 0, 2, 19, 30).getTime();
    renderWithStore(<RunColumn plan={once} plateAt={plateAt} now={plateAt - 7_200_000} />);
    const rows = screen.getAllByRole('listitem').map((row) => row.textContent ?? '');
    expect(rows).toHaveLength(runOf(once).steps.length);
    expect(rows.at(-1)).toMatch(/^19:30/);
    const inAt = show.clock(heatStartFor(runOf(once), plateAt));
    expect(rows.find((row) => row.includes('A spoon of'))).toContain(inAt);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('offers the earliest plate when it is too late', () => {
    const plateAt = new Date(2026, 0, 2, 19, 30).getTime();
    const { store } = renderWithStore(
      <RunColumn plan={once} plateAt={plateAt} now={plateAt - 60_000} />,
    );
    fireEvent.click(screen.getByText(/^Plate .*, \d\d:\d\d instead$/));
    const now = plateAt - 60_000;
    const left = (plateMoment(store.getState().draft.plate, now) - now) / 1000;
    expect(left).toBeGreaterThanOrEqual(runOf(once).tonight);
    expect(left).toBeLessThanOrEqual(runOf(once).tonight + 180);
  });
});

describe('a plan that cannot work', () => {
  const obstacle = { reason: 'never', highest: 40, seconds: 5400 } as const;

  it('says why, and a remedy does what it says', () => {
    const { store } = renderWithStore(
      <Blocked
        obstacle={obstacle}
        remedies={[
          { kind: 'pan', pan: 250 },
          { kind: 'thickness', thickness: 0.021 },
        ]}
        searching={false}
      />,
    );
    expect(screen.getByText(/never gets the middle/)).toBeTruthy();
    fireEvent.click(screen.getByText('Hotter pan: 250 °C'));
    fireEvent.click(screen.getByText('Thinner: 21 mm'));
    expect(store.getState().draft.request).toMatchObject({ pan: 250, thickness: 0.021 });
  });

  it('says that it is still looking', () => {
    renderWithStore(<Blocked obstacle={obstacle} remedies={[]} searching />);
    expect(screen.getByText('Looking for fixes…')).toBeTruthy();
  });
});

describe('the sentence', () => {
  const sentenceOf = (request = REQUEST) => {
    const rendered = renderWithStore(<Sentence />);
    act(() => void rendered.store.dispatch(draftTaken({ request, plate: { hour: '19:30' } })));
    return rendered;
  };

  it('says the whole plan, in the cook’s units', () => {
    const { container, store } = sentenceOf();
    expect(container.textContent).toBe(
      'Cook one strip steak, 25 mm thick, 300 g, patted dry, salted at the pan, from 5 °C, in a 215 °C pan turned up when food goes in, nothing more to it, or with a 110° or 180° oven, to medium-rare 54°, rested open on a board, on the plate at 19:30.',
    );
    const stop = keepNative(store);
    act(() => void store.dispatch(unitsChosen('imperial')));
    stop();
    expect(container.textContent).toContain('1 in thick, 10.5 oz');
    expect(container.textContent).toContain(
      'from 41 °F, in a 420 °F pan turned up when food goes in, nothing more to it, or with a 230° or 360° oven',
    );
  });

  it.each<[string, string, string, string]>([
    ['pan', 'Full throughout', 'pan', 'on full throughout'],
    ['moves', 'Pressed flat', 'moves', 'pressed flat'],
    ['oven', 'Gas', 'oven', '110° or 180° gas oven'],
    ['oven', 'A tray below', 'oven', 'oven over a tray'],
    ['cover', 'On a warm plate', 'cover', 'open on a warm plate'],
  ])('takes what is chosen behind its %s: %s', async (word, choice, said, words) => {
    sentenceOf();
    fireEvent.click(screen.getByTestId(`word-${word}`));
    fireEvent.click(await screen.findByText(choice));
    await waitFor(() => expect(screen.getByTestId(`word-${said}`).textContent).toContain(words));
  });

  it.each(EDITABLE)('opens the control for its %s, and closes it again', async (word) => {
    sentenceOf();
    fireEvent.click(screen.getByTestId(`word-${word}`));
    // Its control comes after it: more is in there than the button that closes it.
    await waitFor(() => expect(screen.getByTestId('editor').children.length).toBeGreaterThan(1));
    expect(screen.getByTestId('editor').textContent).not.toMatch(/NaN|undefined/);
    fireEvent.click(screen.getByText('Done'));
    expect(screen.queryByTestId('editor')).toBeNull();
  });

  it('says how many, and takes another number behind that word', async () => {
    const { container, store } = sentenceOf({ ...REQUEST, cut: 'ribeye' });
    expect(container.textContent).toMatch(/^Cook one ribeye/);
    fireEvent.click(screen.getByTestId('word-count'));
    fireEvent.click(await screen.findByRole('radio', { name: '4' }));
    await waitFor(() => expect(container.textContent).toMatch(/^Cook 4 × ribeye/));
    expect(store.getState().draft.request.pieces).toBe(4);
  });
});

describe('the larder', () => {
  it('is searched by name and by species; a tap selects the cut', () => {
    const { store } = renderWithStore(<CutChooser request={REQUEST} />);
    const search = screen.getByLabelText('Search the cut list');
    const shown = () =>
      screen
        .queryAllByRole('radio')
        .filter((one) => one.closest('[aria-label="Intact or treated meat"]') === null)
        .map((cut) => cut.textContent);
    expect(shown().length).toBeGreaterThan(20);
    fireEvent.change(search, { target: { value: 'lamb' } });
    expect(shown()).toEqual([
      'Lamb loin fillet',
      'Lamb leg steak',
      'Lamb rump',
      'Lamb loin chop',
      'Lamb rack, half',
      'Leg of lamb, boned and tied',
    ]);
    fireEvent.change(search, { target: { value: 'fillet WHITE' } });
    expect(shown()).toEqual([
      'White fish fillet',
      'Monkfish tail fillet',
      'White fish fillet with its skin',
    ]);
    fireEvent.click(screen.getByText('Monkfish tail fillet'));
    expect(store.getState().draft.request.cut).toBe('monkfish-tail');
    fireEvent.change(search, { target: { value: 'unicorn' } });
    expect(shown()).toEqual([]);
    expect(screen.getByText(/Take the cut nearest to it/)).toBeTruthy();
  });

  it('says what the cut is taken as made of, and from where', () => {
    renderWithStore(<CutChooser request={{ ...REQUEST, cut: 'venison-loin' }} />);
    expect(screen.getByText(/74 % water, 23 % protein, 3 % fat \(USDA/)).toBeTruthy();
  });
});

describe('the cautions of a plan', () => {
  it('ask for frozen fish under 63 C, in the cook’s units, and name the allergen', () => {
    const salmon = planOf({ ...REQUEST, cut: 'salmon-fillet', target: 48, weight: 0.17 });
    const { store } = renderWithStore(<Cautions plan={salmon} />);
    expect(screen.getByText(/-20 °C for 7 days or -35 °C for 15 hours/)).toBeTruthy();
    expect(screen.getByText('Contains fish (salmon).')).toBeTruthy();
    act(() => void store.dispatch(unitsChosen('imperial')));
    expect(screen.getByText(/-4 °F for 7 days/)).toBeTruthy();
  });

  it('ask more of wild game', () => {
    const venison = planOf({ ...REQUEST, cut: 'venison-loin', target: 54, weight: 0.18 });
    renderWithStore(<Cautions plan={venison} />);
    expect(screen.queryByText(/wild or uninspected game/)).toBeNull();
    cleanup();
    renderWithStore(
      <Cautions plan={{ ...venison, request: { ...venison.request, game: 'wild' } }} />,
    );
    expect(screen.getByText('Ends under the published 73.9 °C.')).toBeTruthy();
    expect(screen.getByText(/minimum for wild or uninspected game/)).toBeTruthy();
  });

  it('ask 71.1 C of tenderised meat, and claim no reduction for it', () => {
    const steak = planOf({ ...REQUEST, treated: 'tenderised' });
    renderWithStore(<Cautions plan={steak} />);
    expect(screen.getByText('Ends under the published 71.1 °C.')).toBeTruthy();
    expect(screen.queryByText(/Salmonella/)).toBeNull();
  });
});

describe('the questions about the meat', () => {
  it('appear for game and meat, not for fish, and change the request', () => {
    const boar = { ...REQUEST, cut: 'boar-loin' } as const;
    const { store } = renderWithStore(<CutChooser request={boar} />);
    fireEvent.click(screen.getByRole('radio', { name: /^Farmed/ }));
    fireEvent.click(screen.getByRole('radio', { name: /^Tenderised/ }));
    expect(store.getState().draft.request).toMatchObject({ game: 'farmed', treated: 'tenderised' });
    cleanup();
    renderWithStore(<CutChooser request={{ ...REQUEST, cut: 'tuna-steak' }} />);
    expect(screen.queryByRole('radio', { name: /^Tenderised/ })).toBeNull();
  });
});

it('shows the peaks until a moment in the slice, and at the end the last ones', () => {
  const [first] = slices.frames;
  expect(sliceOf(once, slices, first).peak).toEqual(first?.peak);
  expect(sliceOf(once, slices).peak).toEqual(slices.frames.at(-1)?.peak);
  expect(sliceOf(once, slices).width).toBeGreaterThan(0.05);
});
