import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { program, remembering } from '$lib/testing/program';
import { begin, blankFigure } from './newFigure';

let memory: Map<string, string>;
beforeEach(() => (memory = remembering()));
afterEach(() => vi.restoreAllMocks());

function begun(id: string) {
  return JSON.parse(memory.get(`fluidframe/figure/${id}`)!) as { value: { title: string; man: unknown[]; lady: unknown[]; bars: string }; tag: string };
}

it.each([
  ['Natural Turn', 'waltz-natural-turn'],
  ['  Côté, à gauche! ', 'waltz-cote-a-gauche'],
  [`${'Turn '.repeat(20)}Left`, `waltz-${'turn-'.repeat(20)}left`],
  [`${'Turn '.repeat(30)}`, `waltz-${'turn-'.repeat(21).slice(0, -1)}`],
  ['3 Alemanas', 'waltz-3-alemanas'],
])('an id is made of the title %s', (title, id) => expect(blankFigure('waltz', title).id).toBe(id));

it('begins as unkept work with so many empty steps', async () => {
  expect(await begin({ title: 'New One', dance: 'waltz', bars: '2', steps: 3 })).toBe('waltz-new-one');
  expect(begun('waltz-new-one')).toMatchObject({ tag: '', value: { title: 'New One', bars: '2', man: [{}, {}, {}], lady: [{}, {}, {}] } });
});

it('begins as a copy under its own name', async () => {
  program({ 'GET /api/figures/{id}': { ...blankFigure('waltz', 'Old'), bars: '4', man: [{ foot: 'RF' }] } });
  await begin({ title: 'Like It', dance: 'waltz', bars: '1', steps: 1, copyOf: 'waltz-old' });
  expect(begun('waltz-like-it').value).toMatchObject({ id: 'waltz-like-it', title: 'Like It', bars: '4', man: [{ foot: 'RF' }] });
});

it('begins as it was told, and with a row where nothing was said of a part', async () => {
  await begin({ title: 'Told', dance: 'waltz', bars: '1', steps: 1, told: { ...blankFigure('waltz', 'x'), man: [{ foot: 'LF' }] } });
  expect(begun('waltz-told').value).toMatchObject({ id: 'waltz-told', man: [{ foot: 'LF' }], lady: [{}] });
});

it('begins with the charts of a file', async () => {
  program({ '/api/charts': { man: [{ foot: 'LF' }], lady: [] } });
  await begin({ title: 'From a file', dance: 'waltz', bars: '2', steps: 1, csv: 'part,foot\nman,LF' });
  expect(begun('waltz-from-a-file').value).toMatchObject({ bars: '2', man: [{ foot: 'LF' }], lady: [{}] });
});
