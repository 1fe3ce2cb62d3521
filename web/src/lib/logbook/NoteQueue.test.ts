import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Note } from '$lib/api/client';
import { later, program, Refused, type Question } from '$lib/testing/program';
import { boxed, takeOut } from './noteBox';
import { momentNow, noteId } from './noteId';
import { noteQueue } from './NoteQueue.svelte';

const OUT = new Error('no network');

const note = (id: string, more: Partial<Note> = {}): Note => ({
  id,
  couple: 'idris-wren',
  lesson: 'monday',
  at: momentNow(),
  subject: 'figure~waltz-whisk',
  grade: 'good',
  homework: false,
  ...more,
});
const idsOf = (question: Question | undefined) => (question?.body as { notes: Note[] } | undefined)?.notes.map(({ id }) => id);
const keptAll = ({ body }: Question) => (body as { notes: Note[] }).notes.map(({ id }) => ({ id, outcome: 'kept', sentence: '' }));

async function settled() {
  await noteQueue.handIn();
}

beforeEach(async () => {
  await takeOut((await boxed()).map(({ order }) => order!));
  program({});
  await settled();
});
afterEach(() => vi.restoreAllMocks());

describe('notes that wait', () => {
  it('stay in the box while there is no network, and are handed in once, in order', async () => {
    program({
      '/api/notes': () => {
        throw OUT;
      },
    });
    await noteQueue.add(note('one'));
    await noteQueue.add(note('two'));
    await settled();
    expect([noteQueue.waiting, noteQueue.trouble]).toEqual([2, undefined]);
    expect(noteQueue.of('monday').map(({ id }) => id)).toEqual(['one', 'two']);
    const questions = program({ '/api/notes': keptAll });
    await settled();
    expect(questions.map(idsOf)).toEqual([['one', 'two']]);
    expect([noteQueue.waiting, (await boxed()).length]).toEqual([0, 0]);
    await settled();
    expect(questions).toHaveLength(1);
  });

  it('leave the box only once the program has said so', async () => {
    const answer = later<unknown>();
    const questions = program({ '/api/notes': () => answer.promise });
    await noteQueue.add(note('one'));
    const handing = settled();
    await vi.waitFor(() => expect(questions).toHaveLength(1));
    expect(await boxed()).toHaveLength(1);
    answer.answer([{ id: 'one', outcome: 'known', sentence: '' }]);
    await handing;
    expect(await boxed()).toHaveLength(0);
  });

  it('are not lost where the program has trouble', async () => {
    program({ '/api/notes': new Refused(503, 'Busy; try again.') });
    await noteQueue.add(note('one'));
    await settled();
    expect([noteQueue.trouble, noteQueue.waiting]).toEqual(['Busy; try again.', 1]);
  });

  it('that cannot be kept stay with the reason, and keep no other back', async () => {
    program({
      '/api/notes': ({ body }: Question) =>
        (body as { notes: Note[] }).notes.map(({ id, lesson }) =>
          lesson === 'gone' ? { id, outcome: 'refused', sentence: 'The lesson was deleted in the meantime.' } : { id, outcome: 'kept', sentence: '' },
        ),
    });
    await noteQueue.add(note('lost', { lesson: 'gone' }));
    await noteQueue.add(note('fine'));
    await settled();
    expect(noteQueue.refused.map(({ note: { id }, refusal }) => [id, refusal])).toEqual([['lost', 'The lesson was deleted in the meantime.']]);
    expect(noteQueue.waiting).toBe(0);
    await noteQueue.keepWithoutLesson(noteQueue.refused[0]!);
    await settled();
    expect(noteQueue.notes).toEqual([]);
  });

  it('that cannot be kept can be kept as words, or thrown away', async () => {
    const refusing = program({
      '/api/notes': ({ body }: Question) =>
        (body as { notes: Note[] }).notes.map(({ id, subject }) => ({ id, outcome: subject ? 'refused' : 'kept', sentence: subject ? 'Gone.' : '' })),
    });
    await noteQueue.add(note('one'));
    await noteQueue.add(note('two'));
    await settled();
    await noteQueue.throwAway(noteQueue.refused[1]!);
    await noteQueue.keepAsWords(noteQueue.refused[0]!, 'Whisk: good');
    await settled();
    expect(noteQueue.notes).toEqual([]);
    expect((refusing.at(-1)!.body as { notes: Note[] }).notes[0]).toMatchObject({ id: 'one', words: 'Whisk: good' });
    expect((refusing.at(-1)!.body as { notes: Note[] }).notes[0]).not.toHaveProperty('subject');
  });

  it('taken back while they are handed in are taken back afterwards', async () => {
    const first = later<unknown>();
    let times = 0;
    const questions = program({ '/api/notes': (question: Question) => (times++ === 0 ? first.promise : keptAll(question)) });
    const taken = note('one');
    await noteQueue.add(taken);
    const handing = settled();
    await vi.waitFor(() => expect(questions).toHaveLength(1));
    await noteQueue.takeBack(taken);
    first.answer([{ id: 'one', outcome: 'kept', sentence: '' }]);
    await handing;
    expect(questions.map(({ body }) => (body as { takenBack: string[] }).takenBack)).toEqual([[], ['one']]);
    expect(noteQueue.notes).toEqual([]);
  });

  it('have ids of their own', () => {
    const ids = Array.from({ length: 100 }, noteId);
    expect(new Set(ids).size).toBe(100);
    expect(ids.every((id) => /^[0-9a-f]{32}$/.test(id))).toBe(true);
  });
});
