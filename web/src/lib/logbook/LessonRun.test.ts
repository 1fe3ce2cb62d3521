import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Lesson, Note } from '$lib/api/client';
import { program } from '$lib/testing/program';
import type { BoxedNote } from './noteBox';
import type { NoteQueue } from './NoteQueue.svelte';
import { LessonRun } from './LessonRun.svelte';
import { monthsBetween, monthWords } from './months';
import { faultSubject, figuresOf } from './subject';

const PARTS = [
  { title: 'Warm up', minutes: 4 },
  { title: 'Whisk, man: Too wide', minutes: 5, subject: 'fault~waltz-whisk~man~0~~Too wide' },
  { title: 'Whisk', minutes: 5, subject: 'figure~waltz-whisk' },
  { title: 'Whisk into Chassé', minutes: 5, subject: 'seam~waltz-whisk~waltz-chasse' },
];
const LESSON = { id: 'monday', title: 'Waltz', couple: 'idris-wren', date: '2026-03-02', time: '18:00', minutes: 45, parts: PARTS } as Lesson;
const FIGURE = { id: 'waltz-whisk', title: 'Whisk, Underturned', dance: 'waltz', faults: ['Crossing too wide', 'Lady opening too early'], man: [{}, {}, {}], lady: [{}, {}, {}] };

/** A box of notes in memory. */
class Box {
  notes: BoxedNote[] = [];
  readonly backs: string[] = [];
  of = (lesson: string): Note[] => this.notes.filter(({ note }) => note.lesson === lesson).map(({ note }) => note);
  add = async (note: Note) => void this.notes.push({ note, takenBack: false });
  takeBack = async ({ id }: Note) => {
    this.backs.push(id);
    this.notes = this.notes.filter(({ note }) => note.id !== id);
  };
  replace = async (before: Note, note: Note) => {
    await this.takeBack(before);
    await this.add(note);
  };
}

function lesson() {
  const box = new Box();
  program({ '/api/figures/{id}': FIGURE, '/api/lessons/{id}/notes': [{ id: 'before', at: '2026-03-02T17:00:00Z' }] });
  return { box, run: new LessonRun(() => LESSON, box as unknown as NoteQueue) };
}

afterEach(() => vi.restoreAllMocks());

describe('a lesson being given', () => {
  it('offers what is planned once, a fault as its figure, by the titles of the figures whatever is in them', async () => {
    const { run } = lesson();
    expect(run.danceables[1]).toEqual({ subject: 'seam~waltz-whisk~waltz-chasse', title: 'Whisk into Chassé' });
    await run.read();
    await vi.waitFor(() => expect(run.figures.dances).toEqual(['waltz']));
    expect(run.danceables).toEqual([
      { subject: 'figure~waltz-whisk', title: 'Whisk, Underturned' },
      { subject: 'seam~waltz-whisk~waltz-chasse', title: 'Whisk, Underturned into Whisk, Underturned' },
    ]);
  });

  it('stores each tap at once, a grade and faults in any order as one try, where they were pinned', async () => {
    const { run, box } = lesson();
    await run.dance('figure~waltz-whisk');
    expect(run.knownFaults).toEqual(FIGURE.faults);
    run.pin = { part: 'man', step: 3, cell: 'footwork' };
    await run.fault('Crossing too wide');
    expect(box.notes.map(({ note }) => note)).toMatchObject([{ subject: 'figure~waltz-whisk', faults: ['fault~waltz-whisk~man~3~footwork~Crossing too wide'] }]);
    await run.grade('shaky');
    await run.fault('Lady opening too early');
    void run.fault('heel ~ late');
    await run.fault('heel - late');
    expect(run.sees('heel - late')).toBe(false);
    expect(box.notes.map(({ note }) => note)).toMatchObject([
      {
        couple: 'idris-wren',
        lesson: 'monday',
        subject: 'figure~waltz-whisk',
        grade: 'shaky',
        faults: ['fault~waltz-whisk~man~3~footwork~Crossing too wide', 'fault~waltz-whisk~lady~3~footwork~Lady opening too early'],
      },
    ]);
  });

  it('is graded again when it is danced again, and a try that says nothing is none', async () => {
    const { run, box } = lesson();
    await run.dance('figure~waltz-whisk');
    await run.grade('lost');
    await run.fault('Crossing too wide');
    await run.grade('good');
    expect(box.notes.map(({ note }) => [note.grade, note.faults?.length])).toEqual([
      ['lost', 1],
      ['good', undefined],
    ]);
    run.nextTry();
    await run.fault('Crossing too wide');
    expect(box.notes).toHaveLength(3);
    await run.fault('Crossing too wide');
    expect(box.notes).toHaveLength(2);
    await run.takeBack(box.notes[1]!.note);
    await run.fault('Crossing too wide');
    expect(box.notes.map(({ note }) => note.grade)).toEqual(['lost', undefined]);
  });

  it('says a tap that could not be stored', async () => {
    const { run, box } = lesson();
    await run.dance('figure~waltz-whisk');
    box.add = () => Promise.reject(new Error('disk'));
    await run.grade('good');
    expect(run.failure).toBeDefined();
    expect(run.attempt).toBeUndefined();
  });

  it('grades nothing while nothing is danced, and words need words', async () => {
    const { run, box } = lesson();
    await run.grade('good');
    await run.say('  ', true);
    expect(box.notes).toEqual([]);
    await run.say(' Walks, every evening ', true);
    expect(box.notes[0]!.note).toMatchObject({ words: 'Walks, every evening', homework: true });
  });

  it('shows what was handed in and what waits, the latest first, and takes back either', async () => {
    const { run, box } = lesson();
    await run.read();
    await run.say('more', false);
    expect(run.notes.map(({ id }) => id)).toEqual([box.notes[0]!.note.id, 'before']);
    await run.takeBack(run.notes[1]!);
    expect([box.backs, run.kept]).toEqual([['before'], []]);
  });

  it('takes in what was danced besides, once', async () => {
    const { run } = lesson();
    run.add({ id: 'waltz-hover', title: 'Hover' });
    run.add({ id: 'waltz-hover', title: 'Hover' });
    expect(run.danceables.at(-1)).toEqual({ subject: 'figure~waltz-hover', title: 'Hover' });
    expect(run.more).toHaveLength(1);
    expect(run.subject).toBe('figure~waltz-hover');
  });

  it('lets go of a figure that is tapped again', async () => {
    const { run } = lesson();
    await run.dance('figure~waltz-whisk');
    await run.dance('figure~waltz-whisk');
    expect([run.subject, run.figure]).toEqual([undefined, undefined]);
  });
});

describe('subjects and months', () => {
  it('name their figures', () => {
    expect(figuresOf('seam~a~b')).toEqual(['a', 'b']);
    expect(figuresOf('fault~a~man~1~~x')).toEqual(['a']);
    expect(figuresOf('posture~closed')).toEqual([]);
    expect(faultSubject('a', { part: 'lady', step: 0, cell: '' }, ' x~y ')).toBe('fault~a~lady~0~~x-y');
  });

  it('are those between two days', () => {
    expect(monthsBetween('2026-11-15', '2027-02-01')).toEqual(['2026-12-01', '2027-01-01', '2027-02-01']);
    expect(monthsBetween('2026-11-15', '2026-11-20')).toEqual([]);
    expect(monthWords('2026-12')).toBe('Dec');
  });
});
