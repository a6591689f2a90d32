import { act, fireEvent, screen } from '@testing-library/react';
import type { PlanRequest, SaidStep } from '@crustan/core/plan';
import { renderWithStore } from '../../../renderWithStore';
import { judgeTimes, runToEnd } from '../../../solver.bundle';
import { REQUEST } from '../../../testing';
import { selectCooks } from '../../../store/logSelectors';
import { OwnTimes } from './OwnTimes';
import { loadGrammar } from './useReadSteps';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));

const mockJudged = (request: PlanRequest, steps: readonly SaidStep[]) =>
  runToEnd(judgeTimes(request, steps));
const mockAsked: (readonly SaidStep[])[] = [];
jest.mock('../../../workers/planner', () => ({
  plannerWorker: () => ({
    times: (request: PlanRequest, _on: unknown, steps: readonly SaidStep[]) => {
      mockAsked.push(steps);
      return Promise.resolve(mockJudged(request, steps));
    },
  }),
}));

const STRIP: PlanRequest = { ...REQUEST, thickness: 0.031, weight: 0.36, target: 54 };

const type = async (line: string): Promise<void> => {
  fireEvent.change(screen.getByLabelText('Your steps'), { target: { value: line } });
  await act(async () => {
    await jest.advanceTimersByTimeAsync(500);
  });
};

describe('a cook’s own times on Plan', () => {
  beforeAll(loadGrammar, 60_000);
  beforeEach(() => void jest.useFakeTimers());
  afterEach(() => {
    jest.useRealTimers();
    mockAsked.length = 0;
  });

  it('show the end, a change that meets the target, and the right thickness', async () => {
    renderWithStore(<OwnTimes request={STRIP} />);
    await type('3 min, turn, 1 min, oven 220 8 min, rest 5');
    expect(
      screen.getByText(/^It ends blue at 4\d°, [\d.]+ °C under what was wanted\.$/),
    ).toBeTruthy();
    expect(screen.getByText(/more in the oven would bring it there/)).toBeTruthy();
    expect(screen.getByText(/right for a piece of 2\d mm \(2\d mm to 2\d mm\)/)).toBeTruthy();
    expect(screen.getByText(/^Crust .* of grey band, loses about \d+\s%\.$/)).toBeTruthy();
    await type('5 min a side, oven 220 20 min');
    expect(screen.getByText(/over what was wanted/)).toBeTruthy();
    expect(screen.getByText(/less in the oven would bring it there/)).toBeTruthy();
  });

  it('say what was not understood by its words, and judge nothing without a step in the heat', async () => {
    renderWithStore(<OwnTimes request={STRIP} />);
    await type('until golden, rest 5');
    expect(screen.getByRole('alert').textContent).toMatch(/^“until golden” was not understood: /);
    expect(mockAsked.every((steps) => steps.every((step) => step.do === 'rest'))).toBe(true);
    expect(screen.queryByText(/It ends/)).toBeNull();
  });

  it('ask for the meaning, and put the answer into the line', async () => {
    const { store } = renderWithStore(<OwnTimes request={STRIP} />);
    await type('3 min, turn, 2 min, leave for 5');
    fireEvent.click(screen.getByRole('button', { name: 'Read leave for 5 as rest for 5' }));
    expect(store.getState().draft.times).toBe('3 min, turn, 2 min, rest for 5');
  });

  it('ask once the line has settled, not at every letter', async () => {
    renderWithStore(<OwnTimes request={STRIP} />);
    for (const line of ['3', '3 m', '3 min a', '3 min a side']) {
      fireEvent.change(screen.getByLabelText('Your steps'), { target: { value: line } });
    }
    await act(async () => {
      await jest.advanceTimersByTimeAsync(500);
    });
    expect(mockAsked).toHaveLength(1);
  });

  it('change step by step, and the line follows', async () => {
    const { store } = renderWithStore(<OwnTimes request={STRIP} />);
    await type('3 min, turn, 1 min, oven 220 8 min');
    fireEvent.click(screen.getByRole('button', { name: /^Longer: oven/ }));
    expect(store.getState().draft.times).toBe('3 min, turn, 1 min, oven 220 C 9 min');
    fireEvent.click(screen.getByRole('button', { name: /^Take out: oven/ }));
    fireEvent.click(screen.getByRole('button', { name: '+ Rest' }));
    expect(store.getState().draft.times).toBe('3 min, turn, 1 min, rest 5 min');
    fireEvent.click(screen.getByRole('button', { name: 'Shorter: pan 3 min' }));
    expect(store.getState().draft.times).toBe('150 s, turn, 1 min, rest 5 min');
  });

  it('come from the steps of a recipe; another file is rejected with the reason', async () => {
    const { store } = renderWithStore(<OwnTimes request={STRIP} />);
    const input = screen.getByLabelText(/^A recipe’s file/);
    const give = async (text: string): Promise<void> => {
      const file = new File([text], 'recipe.json');
      Object.assign(file, { text: () => Promise.resolve(text) });
      fireEvent.change(input, { target: { files: [file] } });
      await act(async () => {
        await jest.advanceTimersByTimeAsync(1);
      });
    };
    await give('{"@type":"Recipe","recipeInstructions":"Whisk the eggs."}');
    expect(screen.getByRole('status').textContent).toMatch(
      /No step with a time or an end was found in it\.Left out: Whisk the eggs\./,
    );
    const recipeInstructions = [{ text: 'Sear 3 min a side.' }, { text: 'Rest for 5 minutes.' }];
    await give(JSON.stringify({ '@type': 'Recipe', recipeInstructions }));
    expect(store.getState().draft.times).toBe('3 min, turn, 3 min, rest 5 min');
  });

  it('come from the words of a recipe; earlier words become settings, the rest is listed', async () => {
    const { store } = renderWithStore(<OwnTimes request={STRIP} />);
    const words =
      'Take the steak out 30 minutes before cooking. Preheat the oven to 200 C. Sear 2 to 3 min a side. Boil the potatoes for 20 minutes. Rest 5 minutes.';
    fireEvent.change(screen.getByLabelText('A recipe’s words'), { target: { value: words } });
    fireEvent.click(screen.getByRole('button', { name: 'Read the recipe' }));
    await act(async () => {
      await jest.advanceTimersByTimeAsync(500);
    });
    expect(store.getState().draft.times).toBe('2 to 3 min, turn, 2 to 3 min, rest 5 min');
    expect(screen.getByText(/“Boil the potatoes for 20 minutes” was not used: /)).toBeTruthy();
    expect(
      screen.getByText('Before the heat: oven 200°, out of the fridge 30 min before.'),
    ).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Take these into the plan' }));
    await act(async () => {
      await jest.advanceTimersByTimeAsync(1);
    });
    expect(store.getState().draft.request).toMatchObject({ hotOven: 200, temper: 1800 });
  });

  it('are judged at both ends of a range, and with the time to a core temperature', async () => {
    renderWithStore(<OwnTimes request={STRIP} />);
    await type('2 to 3 min a side, oven 150 until 48');
    expect(screen.getByText('4. oven at 150° until the middle is at 48°')).toBeTruthy();
    expect(
      screen.getByText(
        /^With the shorter of your times it ends at \d+°, with the longer at \d+°\.$/,
      ),
    ).toBeTruthy();
    expect(
      screen.getByText(
        /^Until the middle is at 48°: .* for this piece, from .* to .*\. Take its temperature\.$/,
      ),
    ).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: /^Longer: oven at 150° until/ }));
    expect(screen.getByText('4. oven at 150° until the middle is at 49°')).toBeTruthy();
  });

  it('start at the stove unchanged, with their steps', async () => {
    const { store } = renderWithStore(<OwnTimes request={STRIP} />);
    await type('3 min a side, rest 5');
    expect(screen.getByText(/^By the clock, the end may be [\d.]+ °C off/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Start these at the stove' }));
    await act(async () => {
      await jest.advanceTimersByTimeAsync(1);
    });
    const [cook] = selectCooks(store.getState());
    expect(cook?.plan.title).toMatch(/, your times$/);
    expect(cook?.plan.plan.ownSteps).toHaveLength(4);
    expect(cook?.plan.plan.restSeconds).toBe(300);
    expect(mockPush).toHaveBeenCalledWith('/stove');
  });
});
