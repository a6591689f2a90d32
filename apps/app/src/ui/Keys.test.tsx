import { fireEvent, render, screen } from '@testing-library/react';
import { Keys, NEXT_KEYS } from './Keys';

const shown = () => {
  const done: string[] = [];
  render(
    <>
      <button>Other</button>
      <input aria-label="Figure" />
      <Keys
        keys={[
          { keys: NEXT_KEYS, shown: 'N', says: 'It is done', act: () => done.push('next') },
          { keys: ['z'], shown: 'Z', says: 'Take it back', act: () => done.push('back') },
        ]}
      />
    </>,
  );
  return done;
};

describe('keys', () => {
  it('of a keyboard, a foot pedal and a volume button report a task as done, once each', () => {
    const done = shown();
    for (const key of ['n', ' ', 'PageDown', 'AudioVolumeUp', 'z']) {
      fireEvent.keyDown(document.body, { key });
      fireEvent.keyDown(document.body, { key, repeat: true });
    }
    expect(done).toEqual(['next', 'next', 'next', 'next', 'back']);
  });

  it('are ignored if a control or a shortcut of the browser uses them', () => {
    const done = shown();
    fireEvent.keyDown(screen.getByText('Other'), { key: 'Enter' });
    fireEvent.keyDown(screen.getByLabelText('Figure'), { key: 'n' });
    fireEvent.keyDown(document.body, { key: 'n', ctrlKey: true });
    expect(done).toEqual([]);
  });

  it('appear in a list after a question mark, which Escape closes', () => {
    shown();
    expect(screen.queryByText('Take it back')).toBeNull();
    fireEvent.keyDown(document.body, { key: '?' });
    expect(screen.getByText('Take it back')).toBeTruthy();
    fireEvent.keyDown(document.body, { key: 'Escape' });
    expect(screen.queryByText('Take it back')).toBeNull();
  });
});
