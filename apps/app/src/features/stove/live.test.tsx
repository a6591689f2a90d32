import { runOf } from '@crustan/core/schedule';
import { act, fireEvent, screen } from '@testing-library/react';
import type { CookEvent } from '@crustan/core/cook/event';
import { TROUBLES } from '@crustan/core/cook/event';
import type { JoinedPlate, JoinQuestion } from '@crustan/core/pass/joinedPlate';
import { NOMINAL_KITCHEN } from '@crustan/core/gear/kitchenDeviation';
import { OPTION_IDS, type TroubleOption } from '@crustan/core/whatif/troubleOptions';
import { DEFAULT_OVEN } from '@crustan/core/gear/ovenBody';
import { DEFAULT_PAN } from '@crustan/core/gear/pan';
import { renderWithStore } from '../../renderWithStore';
import { deviceFailed, deviceLinked, deviceSaid, rubbishSaid } from '../../store/devicesSlice';
import type { ActiveCook } from '../../store/activeCook';
import { cookStarted } from '../../store/logSlice';
import { selectCooks } from '../../store/logSelectors';
import { planOf, recordOf, REQUEST, uuid } from '../../testing';
import { showIn } from '../../words/show';
import { AttentionSettings } from './AttentionSettings';
import { DeviceLine } from './DeviceLine';
import { describeForecast, describeKitchen, describeProbe } from './forecastWords';
import { ForecastLines } from './ForecastLines';
import { History } from './History';
import { Lanes } from './Lanes';
import { liveCook, mostUrgent, type LiveCook } from './liveCook';
import { onePlateLive } from './onePlateLive';
import { forecastOf } from './testing';
import { startTogether } from '../../workers/startTogether';
import { Troubles } from './Troubles';
import { FIRST_AID, describeOption, describeOutcome, troublesIn } from './troubleWords';

const mockJoined = jest.fn<Promise<JoinedPlate | undefined>, [JoinQuestion]>();
jest.mock('../../workers/passWorker', () => ({
  passWorker: () => ({ joined: mockJoined }),
}));

const mockOption: TroubleOption = {
  id: 'oven-up',
  celsius: 130,
  legs: [{ kind: 'oven', seconds: 900, air: 130, flips: [], decides: true }],
  seconds: 1015,
  restSeconds: 300,
  peak: 54.2,
  sliceCore: 54,
  browning: [1.5, 1.6],
};
const mockAsIs: TroubleOption = { ...mockOption, id: 'as-is', seconds: 1400 };

jest.mock('../../workers/liveWorker', () => ({
  liveWorker: () => ({ options: () => Promise.resolve([mockOption, mockAsIs]) }),
}));

const T0 = Date.now();
const GEAR = { pan: DEFAULT_PAN, oven: DEFAULT_OVEN };
const show = showIn('metric');
const thick = planOf({ ...REQUEST, thickness: 0.04, weight: 0.45, way: 'oven-sear' });
const cookOf = (n: number, events: readonly CookEvent[], plan = thick): ActiveCook => ({
  id: uuid(n),
  startedAt: T0,
  plan: { ...recordOf(plan, T0 + 2 * 3_600_000), title: `Piece ${n}` },
  events: [...events],
  startKnown: true,
  refused: {},
  known: [],
});
const IN: CookEvent = { id: uuid(50), kind: 'in', at: T0 };
const forecast = forecastOf(T0 + 3_600_000);

describe('what the stove says of a forecast', () => {
  it('shows the temperature of the oven once it is certain, and nothing before', () => {
    expect(describeKitchen(forecast, thick.request, show)).toBe('Your oven is behaving like 98°.');
    expect(describeKitchen({ ...forecast, readings: 0 }, thick.request, show)).toBe('');
    const unsure = { ...forecast, ovenLike: { over: -12, sigma: 14 } };
    expect(describeKitchen(unsure, thick.request, show)).toBe('');
    const thicker = {
      ...forecast,
      kitchen: { ...NOMINAL_KITCHEN, thickness: 0.003 },
      ovenLike: { over: 1, sigma: 3 },
    };
    expect(describeKitchen(thicker, thick.request, show)).toBe('It cooks like 43 mm.');
  });

  it('shows ranges in the units of the cook, and one figure after the pull', () => {
    expect(describeForecast(forecast, show)).toMatch(
      /^Due \d\d:\d\d, give or take 2:00; pulled then it ends 53° to 55°\. You have 3:20 either way\.$/,
    );
    expect(describeForecast({ ...forecast, decided: true }, show)).toBe(
      'It ends 53° to 55°, at its highest about 5:00 after it left the heat.',
    );
    expect(describeForecast(forecast, showIn('imperial'))).toContain('127° to 131°');
  });

  it('names a probe that lies, and what to do', () => {
    expect(describeProbe(forecast)).toBeUndefined();
    for (const kind of ['out', 'surface', 'bone'] as const) {
      expect(describeProbe({ ...forecast, probe: { kind, chance: 0.9 } })).toMatch(
        /[Pp]robe .*\. /,
      );
      expect(describeProbe({ ...forecast, probe: { kind, chance: 0.3 } })).toBeUndefined();
    }
    const bad = { ...forecast, probe: { kind: 'out', chance: 0.99 } as const };
    renderWithStore(<ForecastLines live={liveCook(cookOf(2, [IN]), GEAR, bad)} />);
    expect(screen.getByRole('alert').textContent).toContain('reads the air');
  });
});

describe('a live cook', () => {
  it('moves its pull and plate with the forecast, and not without readings', () => {
    const cook = cookOf(2, [IN]);
    const plain = liveCook(cook, GEAR, undefined);
    const moved = liveCook(cook, GEAR, forecast);
    expect(moved.current).toMatchObject({ kind: 'out', dueAt: forecast.pullAt });
    expect(moved.plan.pullCore).toBe(48.2);
    expect(moved.plateAt - plain.plateAt).toBeCloseTo(forecast.pullAt - plain.current.dueAt, 0);
    const silent = liveCook(cook, GEAR, { ...forecast, readings: 0 });
    expect(silent.current.dueAt).toBe(plain.current.dueAt);
  });

  it('looks at the piece whose next thing is due first, a sliced one last', () => {
    const sliced = liveCook(
      cookOf(3, [IN, { id: uuid(51), kind: 'sliced', at: T0 + 1 }]),
      GEAR,
      undefined,
    );
    const soon = liveCook(cookOf(4, [IN], planOf()), GEAR, undefined);
    const late = liveCook(cookOf(5, [IN]), GEAR, undefined);
    expect(mostUrgent([sliced, late, soon])?.cook.id).toBe(uuid(4));
    expect(mostUrgent([sliced])?.cook.id).toBe(uuid(3));
    const { store } = renderWithStore(<Lanes cooks={[late, soon]} shown={soon} />);
    fireEvent.click(screen.getByRole('button', { name: /Piece 5/ }));
    expect(store.getState().stove.focus).toBe(uuid(5));
  });

  it('starts several for one plate, tied: each waits for the last, and the plate is as late as it must be', async () => {
    const { store } = renderWithStore(<div />);
    const plans = [planOf(), thick].map((plan, i) => ({
      // The second was saved for an earlier plate.
      ...recordOf(plan, T0 + 7_200_000 - i * 1_800_000),
      id: uuid(70 + i),
    }));
    const [one, other] = plans.map(({ plan }) => runOf(plan, GEAR).panToPlate);
    mockJoined.mockImplementation(({ plateIn }) =>
      Promise.resolve({
        pieces: [
          { plan: 1, start: plateIn - (other ?? NaN) - 300, waits: 600, overRested: 0 },
          { plan: 0, start: plateIn - (one ?? NaN) + 300, waits: 0, overRested: 0 },
        ],
        ...{ landsAt: plateIn + 300, late: 300, apart: 0 },
      }),
    );
    await act(() => startTogether(store, plans, []));
    const cooks = selectCooks(store.getState());
    expect(new Set(cooks.map(({ together }) => together?.id)).size).toBe(1);
    expect(cooks.map(({ together }) => Math.round(together?.waits ?? NaN))).toEqual([0, 600]);
    for (const { plan } of cooks) expect(plan.plateAt - (T0 + 7_500_000)).toBeCloseTo(0, -1);
    expect(new Set(cooks.map(({ plan }) => plan.plateAt)).size).toBe(1);
    // Without a place each is started as it was planned.
    mockJoined.mockResolvedValue(undefined);
    await act(() =>
      startTogether(store, [{ ...recordOf(planOf(), T0 + 7_200_000), id: uuid(79) }], []),
    );
    expect(selectCooks(store.getState()).at(-1)).toMatchObject({
      plan: { plateAt: T0 + 7_200_000 },
      together: { waits: 0 },
    });
  });
});

describe('pieces for one plate', () => {
  const TIE = { together: { id: uuid(90), waits: 600 } };
  const sliceOf = (live: LiveCook) =>
    live.state.left.find(({ kind }) => kind === 'slice')?.dueAt ?? NaN;
  const outOf = (live: LiveCook) =>
    live.state.left.find(({ kind }) => kind === 'pull')?.dueAt ?? NaN;
  const live = (cook: ReturnType<typeof cookOf>) => liveCook(cook, GEAR, undefined);

  it('slice together: the first rests whole until the last is ready', () => {
    const first = live({ ...cookOf(6, [IN]), ...TIE });
    const last = live({ ...cookOf(7, [{ ...IN, id: uuid(66), at: IN.at + 300_000 }]), ...TIE });
    const [one, other] = onePlateLive([first, last]);
    if (!one || !other) throw new Error('two pieces');
    expect(sliceOf(one)).toBe(sliceOf(other));
    expect(sliceOf(other)).toBe(sliceOf(last));
    expect(outOf(one)).toBe(outOf(first));
    // A single piece is sliced when it is ready.
    const alone = live(cookOf(8, [IN]));
    expect(onePlateLive([alone])).toEqual([alone]);
  });

  it('go in one after the other: the second waits until its pan is free', () => {
    const first = live({ ...cookOf(6, [IN]), ...TIE });
    const cook = { ...cookOf(7, []), ...TIE };
    const second = live({ ...cook, plan: { ...cook.plan, panAfter: first.cook.id } });
    const [, waits] = onePlateLive([first, second]);
    expect(waits?.current.kind).toBe('in');
    expect(waits?.current.dueAt).toBe(Math.max(outOf(first), second.current.dueAt));
    expect(waits?.current.dueAt).toBeGreaterThan(second.plannedIn);
  });
});

describe('when it goes wrong', () => {
  it('offers what can be had where the piece is, first aid at once', () => {
    expect(troublesIn('oven', TROUBLES)).not.toContain('butter');
    expect(troublesIn('pan', TROUBLES)).toContain('butter');
    expect(troublesIn('before', TROUBLES)).toEqual(['smoke', 'fire']);
    expect(FIRST_AID.fire).toContain('Never water');
  });

  it('says every way out and what it leads to, without a blank', () => {
    for (const id of OPTION_IDS) {
      const option = { ...mockOption, id, waits: 600 };
      expect(describeOption(option, show)).toMatch(/^[A-Z]/);
      expect(describeOption(option, show) + describeOutcome(option, T0, show, {})).not.toMatch(
        /NaN|undefined/,
      );
    }
    const cooled = { ...mockOption, sliceCore: 49, thinPeak: 60 };
    expect(describeOutcome(cooled, T0, show, {})).toContain('49° when sliced, the thin end 60°');
  });

  it('computes the ways out, and a choice becomes the cook’s course', async () => {
    const cook = cookOf(2, [IN]);
    const live = liveCook(cook, GEAR, forecast);
    const onClose = jest.fn();
    const { store } = renderWithStore(<Troubles live={live} onClose={onClose} />);
    const { id, startedAt, plan: record } = cook;
    const start = { id, startedAt, plan: record };
    act(() => void store.dispatch(cookStarted({ ...start, event: IN })));
    fireEvent.click(screen.getByText('I am late'));
    fireEvent.click(await screen.findByText('Oven to 130°'));
    expect(onClose).toHaveBeenCalled();
    const last = selectCooks(store.getState())[0]?.events.at(-1);
    expect(last).toMatchObject({ kind: 'changed', why: 'late', legs: mockOption.legs });
  });
});

describe('what happened', () => {
  const render = () => {
    const cook = cookOf(2, [IN]);
    const rendered = renderWithStore(<History live={liveCook(cook, GEAR, undefined)} />);
    const { id, startedAt, plan: record } = cook;
    const start = { id, startedAt, plan: record };
    act(() => void rendered.store.dispatch(cookStarted({ ...start, event: IN })));
    return () => selectCooks(rendered.store.getState())[0]?.events.at(-1);
  };

  it('mends a time, takes a press back, adds one that was forgotten, leaves one out, notes', () => {
    const last = render();
    fireEvent.click(screen.getByText('Onto the heat'));
    fireEvent.click(screen.getByText('−1 min'));
    expect(last()).toMatchObject({ kind: 'corrected', of: IN.id, to: T0 - 60_000 });
    fireEvent.click(screen.getByText('Take it back'));
    expect(last()).toMatchObject({ kind: 'undo', of: IN.id });
    fireEvent.click(screen.getByText('the turn'));
    fireEvent.click(screen.getByText('2 min ago'));
    expect(last()?.kind).toBe('turned');
    expect(Date.now() - (last()?.at ?? 0)).toBeGreaterThan(119_000);
    fireEvent.click(screen.getByText(/^Leave out: Out at/));
    expect(last()).toMatchObject({ kind: 'skipped', step: 'out' });
    fireEvent.change(screen.getByLabelText('A note'), {
      target: { value: ' Fat side was thick ' },
    });
    fireEvent.click(screen.getByText('Note it'));
    expect(last()).toMatchObject({ kind: 'note', text: 'Fat side was thick' });
  });
});

describe('thermometers and calls', () => {
  it('shows what is said, warns of a cool pan and a smoking one, counts rubbish', () => {
    const live = liveCook(cookOf(2, [IN], planOf()), GEAR, undefined);
    const { store } = renderWithStore(<DeviceLine live={live} />);
    const say = (by: 'gun' | 'probe', celsius: number) =>
      act(() => void store.dispatch(deviceSaid({ by, celsius, at: T0 })));
    act(() => void store.dispatch(deviceLinked({ source: 'simulated', cook: uuid(2) })));
    expect(screen.getByText('Waiting for the thermometer…')).toBeTruthy();
    say('probe', 31.4);
    say('gun', 160);
    expect(screen.getByText('probe 31.4 °C · pan 160°')).toBeTruthy();
    expect(screen.getByRole('alert').textContent).toMatch(
      /55\.0 °C too cold.*Full heat for \d:\d\d/,
    );
    say('gun', 230);
    expect(screen.getByRole('alert').textContent).toContain('past where it smokes');
    act(() => void store.dispatch(rubbishSaid()));
    act(() => void store.dispatch(deviceFailed('Out of reach.')));
    expect(screen.getByText(/1 message was no temperature/)).toBeTruthy();
    expect(screen.getByText('Out of reach.')).toBeTruthy();
  });

  it('keeps how the cook wants to be called', async () => {
    const { store } = renderWithStore(<AttentionSettings />);
    const choose = (group: string, label: string) => {
      const radios = screen.getByRole('radiogroup', { name: group });
      const found = [...radios.querySelectorAll('[role=radio]')].find(
        (radio) => radio.textContent === label,
      );
      if (found) fireEvent.click(found);
    };
    await act(async () => choose('Sound', 'Off'));
    await act(async () => choose('Buttons for the left hand', 'On'));
    choose('Head start', '30');
    // This browser has no notifications: it is not pretended that it has.
    await act(async () => choose('A note when the phone is locked away', 'On'));
    expect(store.getState().attention).toMatchObject({
      sound: false,
      leftHanded: true,
      headStart: 30,
      notification: false,
    });
  });
});
