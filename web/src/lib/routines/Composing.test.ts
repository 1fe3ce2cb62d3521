import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Routine, Score } from '$lib/api/client';
import { program, type Question } from '$lib/testing/program';
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
    expect(composing.failure).toBe('Bar 2 is danced already: what is composed begins with bar 3.');
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
