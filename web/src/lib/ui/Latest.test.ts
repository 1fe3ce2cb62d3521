import { expect, it } from 'vitest';
import { Latest } from './Latest';

it('answers the first and the newest, and leaves out those in between', async () => {
  const answered: number[] = [];
  const latest = new Latest<number>(async (value) => {
    await Promise.resolve();
    answered.push(value);
  });
  for (const value of [1, 2, 3, 4]) void latest.ask(value);
  expect(latest.isBehind).toBe(true);
  await latest.settled;
  expect(answered).toEqual([1, 4]);
});

it('goes on after a failure', async () => {
  const answered: number[] = [];
  const latest = new Latest<number>(async (value) => {
    if (value === 1) throw new Error('no');
    answered.push(value);
  });
  await expect(latest.ask(1)).rejects.toThrow('no');
  await latest.ask(2);
  expect(answered).toEqual([2]);
});
