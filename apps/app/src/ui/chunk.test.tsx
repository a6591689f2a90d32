import { fireEvent, render, screen } from '@testing-library/react';
import { chunk } from './chunk';

const Here = ({ name }: { readonly name: string }) => <p>{`Here is ${name}`}</p>;

describe('a chunk', () => {
  it('waits in its place, then is drawn, and is there at once the next time', async () => {
    const Wait = () => <p>Waiting</p>;
    const { Chunk } = chunk(() => Promise.resolve(Here), Wait);
    const { unmount } = render(<Chunk name="one" />);
    expect(screen.getByText('Waiting')).toBeTruthy();
    await screen.findByText('Here is one');
    unmount();
    render(<Chunk name="two" />);
    expect(screen.getByText('Here is two')).toBeTruthy();
  });

  it('says that it did not come, and comes when it is asked for again', async () => {
    let away = true;
    const { Chunk } = chunk<{ readonly name: string }>(() =>
      away ? Promise.reject(new Error('offline')) : Promise.resolve(Here),
    );
    render(<Chunk name="one" />);
    const again = await screen.findByText('Try again');
    expect(screen.getByRole('alert').textContent).toContain('did not come');
    away = false;
    fireEvent.click(again);
    await screen.findByText('Here is one');
  });
});
