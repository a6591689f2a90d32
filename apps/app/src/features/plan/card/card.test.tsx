import { act, fireEvent, screen } from '@testing-library/react';
import type { CardCell } from '@crustan/core/plan/card';
import type { PlanRequest } from '@crustan/core/plan/request';
import { renderWithStore } from '../../../renderWithStore';
import { CardScreen } from './CardScreen';
import { formatCellTime, formatSpread, thicknessesFrom, thinnestFor } from './cardWords';

const mockAnswers: ((cell: CardCell | undefined) => void)[] = [];
const mockAsked: PlanRequest[] = [];
const mockDrop = jest.fn(() => {
  for (const answer of mockAnswers.splice(0)) answer(undefined);
  return Promise.resolve();
});
jest.mock('../../../workers/planner', () => ({
  plannerWorker: () => ({
    card: (request: PlanRequest) => {
      mockAsked.push(request);
      return new Promise((resolve) => mockAnswers.push(resolve));
    },
    drop: mockDrop,
  }),
}));
jest.mock('expo-router', () => ({ Link: () => null }));

const CELL: CardCell = {
  ok: true,
  cookSeconds: 583,
  spread: 61,
  pullCore: 44.2,
  restSeconds: 210,
  peakCore: 50,
};

/** Answers everything that is asked now. */
const answerAll = async (cell: CardCell): Promise<void> => {
  await act(async () => {
    for (const answer of mockAnswers.splice(0)) answer(cell);
    await Promise.resolve();
  });
};

describe('the card of this kitchen', () => {
  beforeEach(() => {
    mockAsked.length = 0;
    mockAnswers.length = 0;
  });

  it('computes two cells at a time, and marks impossible ones', async () => {
    renderWithStore(<CardScreen />);
    fireEvent.click(screen.getByRole('button', { name: 'Compute 24 plans' }));
    expect(mockAsked).toHaveLength(2);
    await answerAll(CELL);
    expect(screen.getAllByText('9:40')).toHaveLength(2);
    expect(screen.getAllByText('pull 44°')).toHaveLength(2);
    expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('8');
    await answerAll({ ok: false, obstacle: { reason: 'over', lowest: 60 } });
    expect(screen.getAllByText('too thin: over')).toHaveLength(2);
    // Row by row: thin first, each as heavy as its thickness makes it.
    const [first, , , , next] = mockAsked;
    expect(next && first && next.thickness > first.thickness).toBe(true);
  });

  it('stops, and starts another chart', async () => {
    renderWithStore(<CardScreen />);
    fireEvent.click(screen.getByRole('button', { name: 'Compute 24 plans' }));
    await answerAll(CELL);
    await act(async () => {
      fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
      await Promise.resolve();
    });
    expect(mockDrop).toHaveBeenCalled();
    expect(screen.queryByRole('progressbar')).toBeNull();
    expect(screen.getAllByText('9:40')).toHaveLength(2);
    fireEvent.click(screen.getByRole('checkbox', { name: 'well done' }));
    expect(screen.queryByText('9:40')).toBeNull();
    expect(screen.getByRole('button', { name: 'Compute 30 plans' })).toBeTruthy();
  });

  it('says times as a cook can keep them, and rows in round figures of either system', () => {
    expect([583, 1260, 6030].map(formatCellTime)).toEqual(['9:40', '21 min', '1 h 41']);
    expect([61, 200].map(formatSpread)).toEqual(['60 s', '3 min']);
    expect(thinnestFor(0.031, 'metric', false)).toBeCloseTo(0.02, 9);
    expect(thicknessesFrom(0.02, 'metric', false).at(-1)).toBeCloseTo(0.045, 9);
    expect(thinnestFor(0.0381, 'imperial', false)).toBeCloseTo(0.0254, 9);
    expect(thinnestFor(0.004, 'metric', false)).toBeCloseTo(0.01, 9);
  });
});
