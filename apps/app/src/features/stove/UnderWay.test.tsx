import { fireEvent, screen, waitFor } from '@testing-library/react';
import { answerWith, json } from '../../fakeServer';
import { renderWithStore } from '../../renderWithStore';
import { selectCooks } from '../../store/logSelectors';
import { lineOf as anyLine, planOf, recordOf, uuid } from '../../testing';
import { UnderWay } from './UnderWay';

const NOW = Date.now();
const TIE = uuid(900);
const lineOf = (n: number, finished: boolean) =>
  anyLine(n, { title: `Piece ${n}`, createdAt: NOW - 60_000, together: TIE, finished });
const cookOf = (n: number, kinds: readonly ('started' | 'sliced')[]) => ({
  id: uuid(n),
  createdAt: NOW - 60_000,
  plan: recordOf(planOf(), NOW + 3_600_000),
  together: { id: TIE, waits: 0 },
  events: kinds.map((kind, i) => ({ id: uuid(100 * n + i), kind, at: NOW - 50_000 + i })),
});

it('offers the unfinished piece of a plate whose other piece is finished, and resumes that one', async () => {
  answerWith(({ path }) =>
    path.includes('/together')
      ? json({ cooks: [cookOf(1, ['started', 'sliced']), cookOf(2, ['started'])] })
      : json({ cooks: [lineOf(1, true), lineOf(2, false)], found: 2 }),
  );
  const { store } = renderWithStore(<UnderWay />);
  fireEvent.click(await screen.findByText(/^Piece 2, started/));
  await waitFor(() => expect(selectCooks(store.getState()).map(({ id }) => id)).toEqual([uuid(2)]));
});
