/**
 * Questions to a worker that are asked one at a time, in their order. A question that is no longer wanted when its
 * turn comes is not asked: its answer is undefined.
 */
export const oneAtATime = (): (<T>(
  wanted: () => boolean,
  ask: () => Promise<T>,
) => Promise<T | undefined>) => {
  let last: Promise<unknown> = Promise.resolve();
  return (wanted, ask) => {
    const answer = last.then(() => (wanted() ? ask() : undefined));
    last = answer.catch(() => undefined);
    return answer;
  };
};
