import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Composition, Routine, Score } from '$lib/api/client';
import { later, program, type Question } from '$lib/testing/program';
import { Composing } from './Composing.svelte';
import type { RoutineDesk } from './RoutineDesk.svelte';

const PIECE = {
  beatsPerBar: 3,
  sections: [
    { kind: 'introduction', phrases: [4] },
    { kind: 'verse', phrases: [8, 8] },
    { kind: 'chorus', phrases: [8] },
  ],
};

/** A desk of a waltz of two bars, laid on the piece from a bar of it. */
function desk(from?: number): RoutineDesk {
  const routine = { dance: 'waltz', placements: [{ figure: 'a' }], music: from === undefined ? undefined : { piece: 'tide', from } } as Routine;
  const score = { beatsPerBar: 3, placements: [{ index: 0, onset: 0, beats: 6 }] } as unknown as Score;
  return { routine, score, selected: 0, placements: routine.placements } as RoutineDesk;
}

let questions: Question[] = [];

beforeEach(() => {
  questions = program({ '/api/pieces/{id}': PIECE, '/api/compositions': { compositions: [] }, '/api/composing-weights': {} });
});
afterEach(() => vi.restoreAllMocks());

describe('what is asked of a composition', () => {
  it('names the sections of the piece that are danced to, in bars of the routine', async () => {
    const composing = new Composing(() => desk(5));
    composing.toBar = 20;
    await vi.waitFor(() => expect(composing.stretches).toHaveLength(2));
    expect(composing.stretches).toEqual([
      { title: 'verse, bars 3–16', from: 1, to: 14 },
      { title: 'chorus, bars 17–20', from: 15, to: 18 },
    ]);
  });

  it('tells stretches apart by the bars a figure must begin with where there is no piece', () => {
    const composing = new Composing(() => desk());
    composing.toBar = 10;
    composing.boundaries = '9, 7 40 x';
    expect(composing.stretches.map(({ title }) => title)).toEqual(['bars 3–6', 'bars 7–8', 'bars 9–10']);
    composing.toBar = 2;
    expect(composing.stretches).toEqual([]);
  });

  it('keeps what is held, and asks for all but one where one is changed', async () => {
    const composing = new Composing(() => desk());
    composing.hold('opening');
    composing.hold('other');
    composing.hold('other');
    composing.energy = 'calm';
    await composing.ask();
    expect(questions.at(-1)?.body).toMatchObject({ requiredAmalgamations: ['opening'], forbiddenAmalgamations: [], energies: [2, 2, 3, 2, 2, 3, 3, 2] });
    const stages = [{ amalgamation: 'opening' }, {}, { amalgamation: 'corner' }, { amalgamation: 'ending' }];
    await composing.swap({ stages } as Composition, 'corner');
    expect(questions.at(-1)?.body).toMatchObject({ requiredAmalgamations: ['opening', 'ending'], forbiddenAmalgamations: ['corner'] });
    composing.hold('corner');
    await composing.ask();
    expect(questions.at(-1)?.body).toMatchObject({ forbiddenAmalgamations: [] });
  });

  it('asks for what is sparse and full, and for bars added to a section', async () => {
    const composing = new Composing(() => desk());
    composing.toBar = 10;
    composing.fill(1, 'sparse');
    composing.fill(9, 'full');
    await composing.ask();
    expect(questions.at(-1)?.body).toMatchObject({ toBar: 10, fullness: [{ from: 1, to: 8, fullness: 'sparse' }] });
    composing.where = 'once more';
    composing.fill(1, '');
    await composing.ask();
    expect(questions.at(-1)?.body).toMatchObject({ within: 'once more', least: 4, most: 4, fullness: [] });
    expect(questions.at(-1)?.body).not.toHaveProperty('toBar');
  });

  it('takes bars as bars of the routine, and refuses one that is danced already', async () => {
    const composing = new Composing(() => desk());
    composing.hits = '5, 9';
    await composing.ask();
    expect(questions.at(-1)?.body).toMatchObject({ hits: [3, 7] });
    composing.hits = '2';
    await composing.ask();
    expect(composing.failure).toBe('Bar 2 is already danced; the composition starts with bar 3.');
  });

  it('holds one wish of a figure until it is free again', () => {
    const composing = new Composing(() => desk());
    composing.want('whisk', 'required');
    composing.want('whisk', 'forbidden');
    expect(composing.wishes).toEqual([['whisk', 'forbidden']]);
    composing.want('whisk', '');
    expect(composing.wishes).toEqual([]);
  });
});

describe('a search that takes its time', () => {
  it('says how far it has come until it has its answer, and asks no more then', async () => {
    vi.useFakeTimers();
    const found = later<unknown>();
    const asked = program({ '/api/composing-weights': {}, '/api/compositions': () => found.promise, '/api/compositions/{run}': { running: true, sequences: 1200 } });
    const composing = new Composing(() => desk());
    const asking = composing.ask();
    expect([composing.busy, composing.progress]).toEqual([true, undefined]);
    await vi.advanceTimersByTimeAsync(3_000);
    expect(composing.progress).toEqual({ running: true, sequences: 1200 });
    found.answer({ compositions: [] });
    await asking;
    const looks = asked.length;
    await vi.advanceTimersByTimeAsync(10_000);
    expect([composing.busy, composing.progress, composing.answer, asked.length]).toEqual([false, undefined, { compositions: [] }, looks]);
    vi.useRealTimers();
  });

  it('is ended by its own name, also where it cannot be looked at', async () => {
    vi.useFakeTimers();
    const found = later<unknown>();
    const out = () => {
      throw new Error('no network');
    };
    const asked = program({ '/api/composing-weights': {}, '/api/compositions': () => found.promise, 'GET /api/compositions/{run}': out, 'DELETE /api/compositions/{run}': {} });
    const composing = new Composing(() => desk());
    const asking = composing.ask();
    await vi.advanceTimersByTimeAsync(3_000);
    expect([composing.failure, composing.progress]).toEqual([undefined, undefined]);
    await composing.stop();
    const { body } = asked.find(({ method, path }) => method === 'POST' && path === '/api/compositions')!;
    expect(asked.at(-1)).toMatchObject({ method: 'DELETE', params: { path: { run: (body as { run: string }).run } } });
    found.answer({ compositions: [] });
    await asking;
    vi.useRealTimers();
  });

  it('says that it could not be ended', async () => {
    program({
      '/api/composing-weights': {},
      'DELETE /api/compositions/{run}': () => {
        throw new Error('no network');
      },
    });
    const composing = new Composing(() => desk());
    await composing.stop();
    expect(composing.failure).toContain('is not responding');
  });
});
