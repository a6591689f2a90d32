import { eachOnce } from './eachOnce';

it('hands out every number once, whoever asks', () => {
  const take = eachOnce(3);
  expect([take(), take(), take(), take(), take()]).toEqual([0, 1, 2, undefined, undefined]);
  expect(eachOnce(0)()).toBeUndefined();
});
