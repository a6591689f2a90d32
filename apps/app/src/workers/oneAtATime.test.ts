import { oneAtATime } from './oneAtATime';

const always = (): boolean => true;

describe('questions that are asked one at a time', () => {
  it('are sent in order, each after the answer to the last', async () => {
    const inTurn = oneAtATime();
    const said: string[] = [];
    const ask = (name: string) => async () => {
      said.push(`${name} asked`);
      await Promise.resolve();
      said.push(`${name} answered`);
      return name;
    };
    expect(await Promise.all([inTurn(always, ask('a')), inTurn(always, ask('b'))])).toEqual([
      'a',
      'b',
    ]);
    expect(said).toEqual(['a asked', 'a answered', 'b asked', 'b answered']);
  });

  it('are not sent once the answer is not needed, and continue after a failure', async () => {
    const inTurn = oneAtATime();
    let wanted = true;
    const failed = inTurn(always, () => Promise.reject(new Error('no worker')));
    const dropped = inTurn(
      () => wanted,
      () => Promise.resolve('dropped'),
    );
    const last = inTurn(always, () => Promise.resolve('last'));
    wanted = false;
    await expect(failed).rejects.toThrow('no worker');
    expect(await dropped).toBeUndefined();
    expect(await last).toBe('last');
  });
});
