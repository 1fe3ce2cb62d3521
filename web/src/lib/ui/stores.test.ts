import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Routine } from '$lib/api/client';
import { copyOf, routineStore } from '$lib/routines/routineStore';
import { program, Refused, remembering } from '$lib/testing/program';
import { plainStore } from './plainStore';
import { opened } from './EditSession.svelte';

const store = plainStore<{ id: string; title: string }>('event', '/api/events');
const OPEN = { id: 'open', title: 'Open' };

let memory: Map<string, string>;
beforeEach(() => (memory = remembering()));
afterEach(() => vi.restoreAllMocks());

describe('what is stored', () => {
  it('is loaded with the tag of its revision, which goes along when it is replaced or removed', async () => {
    const questions = program({ '/api/events': OPEN, '/api/events/{id}': OPEN });
    expect(await store.load('open')).toEqual({ document: OPEN, tag: '"1"' });
    await store.create(OPEN);
    await store.replace(OPEN, '"1"');
    await store.remove('open', '"2"');
    expect(questions.map(({ method, path }) => `${method} ${path}`)).toEqual(['GET /api/events/{id}', 'POST /api/events', 'PUT /api/events/{id}', 'DELETE /api/events/{id}']);
    expect(questions.slice(2).map(({ params }) => params)).toEqual(['"1"', '"2"'].map((tag) => ({ path: { id: 'open' }, header: { 'If-Match': tag } })));
  });

  it('says why it is refused', async () => {
    program({ '/api/events/{id}': new Refused(409, 'It was changed meanwhile.') });
    await expect(store.replace(OPEN, '"1"')).rejects.toThrow('It was changed meanwhile.');
    await expect(store.remove('open', '"1"')).rejects.toThrow('It was changed meanwhile.');
  });
});

describe('a copy of a routine', () => {
  const tide = { id: 'tide', title: 'Tide', dance: 'waltz', tempo: 29, placements: [] } as Routine;

  it('opens as new and unkept under an id and a title of its own', async () => {
    vi.spyOn(Date, 'now').mockReturnValue(1_000_000);
    program({});
    const id = copyOf(tide);
    expect(id).toMatch(/^tide-[a-z0-9]+$/);
    expect(await opened(routineStore, id)).toEqual({ stored: { document: { ...tide, id, title: 'Tide (copy)' }, tag: '' } });
  });

  it('of a very long id stays an id', () => {
    expect(copyOf({ ...tide, id: 'x'.repeat(120) }).length).toBeLessThanOrEqual(120);
  });

  it('once it is kept elsewhere is what is stored, with the unkept work beside it', async () => {
    const id = copyOf(tide);
    program({ '/api/routines/{id}': { ...tide, id, title: 'Kept' } });
    const { stored, unkept } = await opened(routineStore, id);
    expect([stored.document.title, unkept?.document.title]).toEqual(['Kept', 'Tide (copy)']);
    expect([...memory.keys()]).toEqual([`fluidframe/routine/${id}`]);
  });
});
