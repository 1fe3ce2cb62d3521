import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { program } from '$lib/testing/program';
import { RoutineList } from './RoutineList.svelte';

const summary = (id: string, title: string, dance: string, more = {}) => ({ id, title, dance, revision: 0, tempo: 30, placements: 4, archived: false, ...more });
const standing = (routine: string, bars: string, more = {}) => ({
  routine,
  bars,
  breaks: 0,
  bends: 0,
  hits: 0,
  unsound: [],
  usualTempo: true,
  kind: 'competition',
  level: 'bronze',
  problems: [],
  ...more,
});

async function listed() {
  const list = new RoutineList();
  await list.load();
  return list;
}

beforeEach(() => {
  program({
    '/api/routines': [
      summary('a', 'Ashore', 'waltz'),
      summary('b', 'Breakwater', 'tango', { kept: '2026-11-02T10:00:00Z' }),
      summary('c', 'Causeway', 'waltz', { kept: '2026-11-25T10:00:00Z' }),
      summary('d', 'Driftwood', 'waltz', { archived: true }),
    ],
    '/api/routine-standings': [
      standing('a', '24', { unsound: ['Whisk'] }),
      standing('b', '16 1/2', { breaks: 2, hits: 1 }),
      standing('c', '3/4', { kind: 'showcase', level: 'gold' }),
    ],
  });
});
afterEach(() => vi.restoreAllMocks());

describe('the list of routines', () => {
  const titles = (list: RoutineList) => list.shown.map(({ title }) => title);

  it('begins with what was kept last, then with what came with the program', async () => {
    expect(titles(await listed())).toEqual(['Causeway', 'Breakwater', 'Ashore']);
  });

  it('is ordered by title on request, whatever its accents and capitals', async () => {
    program({ '/api/routines': ['zephyr', 'Écart Study', 'Causeway', 'elsewhere'].map((title) => summary(title, title, 'waltz')), '/api/routine-standings': [] });
    const list = await listed();
    list.order = 'title';
    expect(titles(list)).toEqual(['Causeway', 'Écart Study', 'elsewhere', 'zephyr']);
  });

  it('is ordered by length on request, the longest first', async () => {
    const list = await listed();
    list.order = 'bars';
    expect(titles(list)).toEqual(['Ashore', 'Breakwater', 'Causeway']);
  });

  it('is narrowed by words and by dance, and holds what was put away on request', async () => {
    const list = await listed();
    list.words = 'WAY';
    expect(titles(list)).toEqual(['Causeway']);
    list.words = '';
    list.dance = 'waltz';
    list.showsArchived = true;
    expect(titles(list)).toEqual(['Causeway', 'Ashore', 'Driftwood']);
  });

  it('is narrowed by what a routine is for and by the highest level of its figures', async () => {
    const list = await listed();
    list.kind = 'showcase';
    expect(titles(list)).toEqual(['Causeway']);
    list.level = 'bronze';
    expect(titles(list)).toEqual([]);
    list.kind = '';
    expect(titles(list)).toEqual(['Breakwater', 'Ashore']);
  });

  it('says what cannot be danced', async () => {
    const list = await listed();
    expect(list.troubled.map((routine) => list.trouble(routine))).toEqual(['2 seams break, 1 wall or obstacle is hit', '1 figure does not add up']);
  });
});
