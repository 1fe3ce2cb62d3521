import { beforeEach, expect, it, vi } from 'vitest';
import { program, Refused, type Question } from '$lib/testing/program';
import { reference } from '$lib/reference/reference.svelte';
import { notices } from '$lib/ui/Notices.svelte';
import { AmalgamationShelf } from './AmalgamationShelf.svelte';

const one = (id: string, level: string, uses: string[], why = '') => ({
  amalgamation: { id, title: id, dance: 'waltz', level, uses, energy: 3, why, placements: [{ figure: 'a' }] },
  bends: 0,
  breaks: 0,
});
const LIST = [
  one('end', 'bronze', ['ending']),
  one('late', 'silver', ['opening']),
  one('early', 'bronze', ['opening']),
  one('turn', 'silver', ['corner'], 'The hesitation waits.'),
];

beforeEach(() => {
  vi.restoreAllMocks();
  vi.spyOn(reference, 'load').mockResolvedValue(undefined as never);
  vi.spyOn(reference, 'dance').mockReturnValue({ slowestBarsPerMinute: 28 } as never);
  reference.notation = {
    levels: [{ shorthand: 'bronze' }, { shorthand: 'silver' }],
    amalgamationUses: [{ shorthand: 'opening' }, { shorthand: 'corner' }, { shorthand: 'ending' }],
  } as never;
});

async function shelf(answers: Record<string, unknown> = {}) {
  const questions = program({ 'GET /api/amalgamations': LIST, ...answers });
  const found = new AmalgamationShelf('waltz');
  await found.load();
  return { found, questions };
}
const ids = (found: AmalgamationShelf) => found.shown.map(({ amalgamation }) => amalgamation.id);

it('shows openings first and endings last, the easiest first, and what is asked for', async () => {
  const { found } = await shelf();
  expect(ids(found)).toEqual(['early', 'late', 'turn', 'end']);
  expect(found.uses).toEqual(['opening', 'corner', 'ending']);
  found.level = 'silver';
  expect(ids(found)).toEqual(['late', 'turn']);
  found.words = 'hesitation';
  expect(ids(found)).toEqual(['turn']);
  found.use = 'opening';
  expect(ids(found)).toEqual([]);
});

it('begins a routine with one, in a tempo of its dance', async () => {
  const { found, questions } = await shelf({ '/api/routines': [{ id: 'early' }], 'POST /api/routines': ({ body }: Question) => body });
  const id = await found.begin(LIST[2]!.amalgamation as never);
  expect(id).not.toBe('early');
  expect(questions.at(-1)?.body).toMatchObject({ title: 'early', dance: 'waltz', tempo: 28, placements: [{ figure: 'a' }] });
});

it('deletes one, and says so where it cannot', async () => {
  const { found } = await shelf({ 'GET /api/amalgamations/{id}': {}, 'DELETE /api/amalgamations/{id}': {} });
  await found.remove(LIST[0]!.amalgamation as never);
  expect(ids(found)).not.toContain('end');
  program({ 'POST /api/amalgamations': {}, 'GET /api/amalgamations': LIST });
  await notices.undo();
  expect(ids(found)).toContain('end');
  program({});
  await found.remove(LIST[1]!.amalgamation as never);
  expect(found.failure).toBeDefined();
  expect(ids(found)).toContain('late');
  program({ 'POST /api/routines': new Refused(409, 'Taken.'), '/api/routines': [] });
  expect(await found.begin(LIST[1]!.amalgamation as never)).toBeUndefined();
  expect(found.failure).toBe('Taken.');
});
