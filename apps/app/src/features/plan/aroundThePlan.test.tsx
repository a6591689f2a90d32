import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import type { Loading } from '@crustan/core/gear';
import type { InputChange, SaltSchool, TemperSchool } from '@crustan/core/plan';
import { runOf } from '@crustan/core/schedule';
import { renderWithStore } from '../../renderWithStore';
import { draftTaken, requestChanged, sidesChanged } from '../../store/draftSlice';
import { kitchenChanged } from '../../store/kitchenSlice';
import { unitsChosen } from '../../store/unitsSlice';
import { planOf, REQUEST } from '../../testing';
import { laneOf } from '../../workers/planLane';
import { Cautions } from './Cautions';
import { Chapters } from './Chapters';
import { CutChooser } from './editors/CutChooser';
import { MovesEditor } from './editors/MovesEditor';
import { OvenEditor } from './editors/OvenEditor';
import { PanEditor } from './editors/PanEditor';
import { SaltEditor } from './editors/SaltEditor';
import { StartEditor } from './editors/StartEditor';
import { UnevenAdvice } from './editors/UnevenAdvice';
import { RunColumn } from './RunColumn';
import { Sensitivity } from './Sensitivity';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn() }) }));

const mockSchools: readonly SaltSchool[] = [
  { ahead: 0, brine: 0, depths: [0, 0], golden: 171 },
  { ahead: 900, brine: 0.12, depths: [0.0006, 0.0013], golden: 180 },
];
const mockTempered: readonly TemperSchool[] = [
  { seconds: 0, core: 5, surface: 5, saves: 0 },
  { seconds: 3600, core: 11, surface: 13, saves: 42 },
];
const mockChanges: readonly InputChange[] = [
  { input: 'thickness', by: 0.003, seconds: 64 },
  { input: 'cover', by: 0, seconds: -21 },
  { input: 'pan', by: 20, seconds: undefined },
];
const mockLoaded: Loading = { lowest: 176, recovery: 65 };

jest.mock('../../workers/planner', () => ({
  plannerWorker: () => ({
    salt: () => Promise.resolve(mockSchools),
    temper: () => Promise.resolve(mockTempered),
    changes: () => Promise.resolve(mockChanges),
    thickness: () => Promise.resolve({ least: 0.03, most: 0.056, open: false }),
    loading: () => Promise.resolve(mockLoaded),
    thinEnd: () => Promise.resolve(61.4),
  }),
}));

const PLATE = new Date(2026, 0, 2, 19, 30).getTime();
const plan = planOf({ ...REQUEST, thickness: 0.04, weight: 0.45, way: 'oven-sear' });
const rows = () => screen.getAllByRole('listitem').map((row) => row.textContent ?? '');

describe('the timeline', () => {
  const roomy = PLATE - 10 * 3600 * 1000;

  it('puts a side where hands are free, and says when it cannot', () => {
    const { store } = renderWithStore(<RunColumn plan={plan} plateAt={PLATE} now={roomy} />);
    fireEvent.click(screen.getByText('Add a side or sauce'));
    fireEvent.click(screen.getByText('Mashed potatoes'));
    expect(rows().some((row) => /^\d\d:\d\d.*Mashed potatoes/.test(row))).toBe(true);
    act(
      () =>
        void store.dispatch(
          sidesChanged([
            { name: 'Roots', handsOn: 300, handsOff: 2400, needs: 'oven', oven: 200, keeps: 900 },
          ]),
        ),
    );
    expect(screen.getByRole('alert').textContent).toContain(
      'It wants 200 °C, the oven is at 110 °C',
    );
    fireEvent.click(screen.getByLabelText('Take off Roots'));
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('takes a side of the cook’s own, and refuses minutes that are none', async () => {
    const { store } = renderWithStore(<RunColumn plan={plan} plateAt={PLATE} now={roomy} />);
    fireEvent.click(screen.getByText('Add a side or sauce'));
    const name = await screen.findByLabelText('Name of the side');
    fireEvent.change(name, { target: { value: 'Fennel' } });
    fireEvent.change(screen.getByLabelText('Minutes of hands'), { target: { value: 'ten' } });
    fireEvent.click(screen.getByText('Add it'));
    await screen.findByText('From 0 to 600 minutes.');
    fireEvent.change(screen.getByLabelText('Minutes of hands'), { target: { value: '2,5' } });
    fireEvent.click(screen.getByText('Add it'));
    await waitFor(() =>
      expect(store.getState().draft.sides).toMatchObject([{ name: 'Fennel', handsOn: 150 }]),
    );
  });

  it('too late for this way, it offers the ways that still make it', () => {
    const { store } = renderWithStore(<div />);
    const quick = planOf({ ...REQUEST, thickness: 0.04, weight: 0.45, way: 'often' });
    act(() => void store.dispatch(draftTaken({ request: plan.request, plate: { hour: '19:30' } })));
    laneOf('often').onUpdate({
      kind: 'plan',
      plan: quick,
      slices: { cells: { heights: [], widths: [], whole: true }, frames: [] },
    });
    const left = (runOf(quick).tonight + 120) * 1000;
    expect(runOf(plan).tonight * 1000).toBeGreaterThan(left);
    const late = renderWithStore(<RunColumn plan={plan} plateAt={PLATE} now={PLATE - left} />);
    act(() => void late.store.dispatch(requestChanged({ ...plan.request })));
    fireEvent.click(screen.getByText('Still in time: in the pan, turned often'));
    expect(late.store.getState().draft.request.way).toBe('often');
  });
});

describe('the chapters', () => {
  it('open into the pan’s curve and signs, the rest by rule, and the shop', async () => {
    renderWithStore(<Chapters plan={plan} />);
    fireEvent.click(screen.getByText('Pan and fat'));
    await screen.findByText(/drops to 176 °C and needs 1 min 5 s/);
    expect(screen.getByText(/A drop beads and skates: past 190° to 230°/)).toBeTruthy();
    fireEvent.click(screen.getByText('Rest and serve'));
    const rest = screen.getByRole('table', { name: 'Rules for the rest' }).textContent ?? '';
    expect(rest).toMatch(/what the core wants\d+:\d\dcore 54\.\d°/);
    expect(rest).toMatch(/no rest0:00core .* under/);
    fireEvent.click(screen.getByText('Buying'));
    await screen.findByText(/^For this end, low oven, then sear: ask for 30 mm to 56 mm/);
    expect(screen.getByText(/^7 pieces of 40 mm/).textContent).toMatch(
      /per kg, \d+ % (under|over)/,
    );
    fireEvent.change(screen.getByLabelText('Trimmed off, per cent'), { target: { value: '99' } });
    expect(screen.getByRole('alert').textContent).toBe('0 to 80');
    expect(screen.queryByText(/pieces of 40 mm/)).toBeNull();
  });

  it('say the house rule where there is one', () => {
    const { store } = renderWithStore(<Chapters plan={plan} />);
    act(() => void store.dispatch(kitchenChanged({ restRule: 'half' })));
    fireEvent.click(screen.getByText('Rest and serve'));
    expect(screen.getByText('half the cooking time (house rule)')).toBeTruthy();
  });
});

describe('the controls', () => {
  it('salt: grams, the kitchen’s own spoons, the awkward middle, what each school gives', async () => {
    const { store } = renderWithStore(<SaltEditor request={{ ...REQUEST, saltAhead: 900 }} />);
    expect(screen.getByText(/^3\.0 g: ½ teaspoon of fine salt\./)).toBeTruthy();
    expect(screen.getByRole('note').textContent).toContain('The awkward middle');
    await screen.findByText('120 g/m²');
    fireEvent.click(screen.getByText('Two days'));
    expect(store.getState().draft.request).toMatchObject({ saltAhead: 172_800, surface: 'aired' });
    act(() => void store.dispatch(kitchenChanged({ salt: 1 })));
    expect(screen.getByText(/^3\.0 g: 1 teaspoon of coarse flakes\./)).toBeTruthy();
  });

  it('start: what standing out really changes', async () => {
    const { store } = renderWithStore(<StartEditor request={REQUEST} />);
    await screen.findByText('60 min: core 11°, surface 13°; saves 40 s.');
    fireEvent.click(screen.getByText('60 min out'));
    expect(store.getState().draft.request.temper).toBe(3600);
  });

  it('pan: how far the fat is from smoke and fire', () => {
    const { rerender, store } = renderWithStore(<PanEditor request={REQUEST} />);
    expect(screen.getByRole('status').textContent).toContain('under its first smoke');
    rerender(<PanEditor request={{ ...REQUEST, pan: 300 }} />);
    expect(screen.getByRole('status').textContent).toContain('can flame from about 315 °C');
    expect(screen.getByRole('status').textContent).toContain('no fat here takes it');
    rerender(<PanEditor request={{ ...REQUEST, fat: 'butter' }} />);
    expect(screen.getByRole('status').textContent).toContain('a cooler pan, or rice bran oil.');
    fireEvent.click(screen.getByText('beef dripping'));
    expect(store.getState().draft.request.fat).toBe('beef-dripping');
  });

  it('moves: edges, burner, butter, turns', () => {
    const { store } = renderWithStore(<MovesEditor request={REQUEST} />);
    for (const press of [
      'Fat edge first',
      'Baste 1 min',
      'Down once it has browned',
      'every 15 s',
    ]) {
      fireEvent.click(screen.getByText(press));
    }
    expect(store.getState().draft.request).toMatchObject({
      edges: 'first',
      baste: 60,
      panAfter: 180,
      every: 15,
    });
  });

  it('oven: shows a caution for a cool oven in the units of the cook', () => {
    const { store } = renderWithStore(<OvenEditor request={{ ...REQUEST, lowOven: 75 }} />);
    expect(screen.getByRole('note').textContent).toContain('under 93 °C for raw meat');
    act(() => void store.dispatch(unitsChosen('imperial')));
    expect(screen.getByRole('note').textContent).toContain('under 199 °F');
    fireEvent.click(screen.getByText('Fan'));
    expect(store.getState().draft.request.fan).toBe(true);
  });

  it('a thin end: shows its end temperature and a remedy', async () => {
    renderWithStore(<UnevenAdvice request={REQUEST} />);
    fireEvent.click(screen.getByText('One end is thinner'));
    await screen.findByText(/the thin end peaks at 61 °C\. Tie it with twine/);
  });

  it('an own cut: takes its description with a bone', async () => {
    const { store: kept } = renderWithStore(<CutChooser request={REQUEST} />);
    fireEvent.click(screen.getByText('Describe your own'));
    fireEvent.change(await screen.findByLabelText('What you call it'), {
      target: { value: 'Bavette' },
    });
    fireEvent.click(screen.getByText('On the bone'));
    fireEvent.click(screen.getByText('Save this piece'));
    await waitFor(() => expect(kept.getState().kitchen.own).toHaveLength(1));
    expect(kept.getState().draft.request.own).toMatchObject({ name: 'Bavette', bone: 0.012 });
  });
});

it('shows the input with the largest effect, how to measure it better, and the effect of a change', async () => {
  const spread = {
    seconds: 90,
    endTemperature: 3,
    inputs: [
      { input: 'oven', error: 8, seconds: 80 },
      { input: 'thickness', error: 0.0015, seconds: 30 },
    ],
  } as const;
  renderWithStore(<Sensitivity request={REQUEST} spread={spread} />);
  expect(rows()).toEqual(['8 °C of oven heat±80 s', '1.5 mm of thickness±30 s']);
  expect(screen.getByText(/Hang a thermometer by the rack/)).toBeTruthy();
  await screen.findByText('If it were 3 mm thicker: 1 min 5 s more.');
  expect(rows().slice(2)).toEqual([
    'If it were 3 mm thicker: 1 min 5 s more.',
    'Wrapped in the rest: 20 s less.',
    'In a pan 20 °C hotter: it would not work.',
  ]);
});

describe('the cautions', () => {
  it('count the time in the range, and claim no reduction for a rare middle', () => {
    renderWithStore(<Cautions plan={{ ...plan, inRange: 9000 }} />);
    expect(screen.getByText(/for over the usual two hours/)).toBeTruthy();
    expect(
      screen.getByText(/No reduction of Salmonella is claimed|log10 of Salmonella/),
    ).toBeTruthy();
  });

  it('name the butter', () => {
    renderWithStore(<Cautions plan={planOf({ ...REQUEST, baste: 60 })} />);
    expect(screen.getByText('Contains milk (butter for basting).')).toBeTruthy();
  });
});
