import { afterEach, expect, it, vi } from 'vitest';
import type { ListedEntry } from '$lib/api/client';
import { program } from '$lib/testing/program';
import { PastedList } from './PastedList.svelte';

const entry = (from: number, more: Partial<ListedEntry>): ListedEntry =>
  ({ from, to: from + 5, text: `words ${from}`, times: 1, cornerAfter: false, choices: [], ...more }) as ListedEntry;

afterEach(() => vi.restoreAllMocks());

async function pasted(...entries: ListedEntry[]) {
  program({ '/api/listings': { entries } });
  const list = new PastedList('waltz');
  list.paste('some list');
  await vi.waitFor(() => expect(list.listing?.entries).toHaveLength(entries.length));
  return list;
}

it('dances an entry as often as it says; its section begins with the first, its corner comes after the last', async () => {
  const list = await pasted(entry(0, { placement: { figure: 'turn' } as never, times: 2, cornerAfter: true, section: { title: 'Verse', times: 1 } }));
  expect(list.placements).toEqual([
    { figure: 'turn', section: { title: 'Verse', times: 1 }, cornerAfter: false },
    { figure: 'turn', section: undefined, cornerAfter: true },
  ]);
});

it('holds a place for what is not known until something is chosen', async () => {
  const unknown = entry(9, { cornerAfter: true });
  const list = await pasted(unknown);
  expect(list.open).toEqual([unknown]);
  expect(list.placements[0]).toMatchObject({ element: { kind: 'hold', beats: 1 }, note: 'gap: words 9', cornerAfter: true });
  list.choose(unknown, { figure: 'whisk' } as never);
  expect([list.open, list.placements[0]]).toEqual([[], { figure: 'whisk', cornerAfter: true, section: undefined }]);
  list.paste('another list');
  expect(list.chosen).toEqual({});
});

it('is nothing again when the text is taken away', async () => {
  const list = await pasted(entry(0, {}));
  list.paste('  ');
  await vi.waitFor(() => expect(list.listing).toBeUndefined());
  expect(list.placements).toEqual([]);
});
