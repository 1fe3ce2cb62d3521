import { beforeEach, expect, it, vi } from 'vitest';
import { program, Refused, type Question } from '$lib/testing/program';
import { NewAmalgamation } from './NewAmalgamation.svelte';

const PLACEMENTS = [
  { figure: 'a', section: { title: 'Verse', times: 2 } },
  { figure: 'b', rounds: '1' },
  { figure: 'c', cornerAfter: true },
];
const desk = (selected: number) =>
  ({
    routine: { id: 'r', title: 'R', dance: 'waltz', tempo: 29, placements: PLACEMENTS },
    score: { placements: PLACEMENTS.map(({ figure }, index) => ({ index, title: figure.toUpperCase() })) },
    selected,
  }) as never;

const known = {
  'GET /api/amalgamations': [{ amalgamation: { id: 'waltz-b-c' } }],
  'POST /api/amalgamations': ({ body }: Question) => body,
};

beforeEach(() => {
  vi.restoreAllMocks();
});

it('is the stretch from the chosen figure on, without what belongs to the routine', async () => {
  const questions = program(known);
  const made = new NewAmalgamation(desk(1));
  expect(made.usualTitle).toBe('B, C');
  expect(made.ends.map(({ label }) => label)).toEqual(['B', 'C']);
  await made.save();
  const { body } = questions.find(({ method }) => method === 'POST')!;
  expect(body).toMatchObject({ title: 'B, C', dance: 'waltz', uses: ['group'], placements: [{ figure: 'b' }, { figure: 'c', cornerAfter: true }] });
  expect(body).toMatchObject({ id: 'waltz-b-c-2' });
  expect(JSON.stringify(body)).not.toContain('rounds');
});

it('ends no earlier than it begins, and with the routine at the latest', () => {
  const made = new NewAmalgamation(desk(2));
  expect(made.last).toBe(2);
  made.last = 0;
  expect(made.usualTitle).toBe('C');
});

it('says why it was refused and keeps what was typed', async () => {
  program({ ...known, 'POST /api/amalgamations': new Refused(422, 'Not so.') });
  const made = new NewAmalgamation(desk(0));
  made.why = 'Plain.';
  await made.save();
  expect([made.failure, made.why, made.busy]).toEqual(['Not so.', 'Plain.', false]);
});
