import { expect, it } from 'vitest';
import { Problem } from '$lib/api/client';
import { VersionList, type KeptVersion } from './VersionList.svelte';

const versions = (first: number, count: number): KeptVersion[] => Array.from({ length: count }, (_, index) => ({ number: first - index, kept: '' }));

it('goes on from the oldest it has, until there are no more', async () => {
  const asked: (number | undefined)[] = [];
  const list = new VersionList(
    async (before) => {
      asked.push(before);
      return before === undefined ? versions(130, 100) : versions(30, 30);
    },
    async () => 'difference',
  );
  await list.more();
  expect(list.hasMore).toBe(true);
  await list.more();
  expect([asked, list.versions?.length, list.hasMore]).toEqual([[undefined, 31], 130, false]);
  await list.compare(list.versions![0]!);
  expect(list.compared).toEqual({ version: { number: 130, kept: '' }, difference: 'difference' });
  list.close();
  expect(list.compared).toBeUndefined();
});

it('says why it cannot, and forgets that when it can', async () => {
  let runs = false;
  const list = new VersionList(
    async () => {
      if (!runs) throw new Problem(404, 'There is no such figure.');
      return [];
    },
    async () => undefined,
  );
  await list.more();
  expect(list.failure).toBe('There is no such figure.');
  runs = true;
  await list.more();
  expect([list.failure, list.versions]).toEqual([undefined, []]);
});
