import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Lesson } from '$lib/api/client';
import { program, Refused, type Question } from '$lib/testing/program';
import { Preparing } from './Preparing.svelte';

vi.mock('$lib/ui/settings.svelte', () => ({ settings: { footwork: 'edges' } }));
vi.mock('$lib/ui/speech', () => ({ speech: { titles: 'leader-follower' } }));

const part = (subject?: string) => ({ title: 'Part', minutes: 5, subject });
const LESSONS = [
  { id: 'monday', couple: 'idris-wren', routine: 'tide', parts: [part(), part('figure~waltz-whisk'), part('seam~waltz-whisk~waltz-wing')] },
  { id: 'tuesday', couple: 'petra-tomas', routine: 'tide', parts: [part('posture~fan')] },
] as unknown as Lesson[];

const ANSWERS = {
  '/api/today': {},
  '/api/couples': [],
  '/api/dances': [],
  '/api/notation': [],
  '/api/postures/terms': [],
  '/api/figures': [],
  '/api/lessons/{id}': {},
  '/api/lessons/{id}/notes': [],
  '/api/postures': [
    { id: 'closed', dances: ['waltz', 'tango'] },
    { id: 'fan', dances: ['rumba'] },
  ],
  '/api/postures/{id}': {},
  '/api/postures/{id}/reading': {},
  '/api/routines/{id}': { placements: [{ figure: 'waltz-wing' }, { element: { kind: 'pause' } }, { figure: 'waltz-weave' }] },
  '/api/routines/{id}/score': {},
  '/api/routines/{id}/legend': [],
  '/api/figures/{id}': {},
  '/api/figures/{id}/cards': {},
};

afterEach(() => vi.restoreAllMocks());

async function prepared(answers: Record<string, unknown> = ANSWERS) {
  const questions = program(answers);
  const preparing = new Preparing();
  await preparing.prepare(LESSONS, ['waltz'], 'Europe/Lisbon');
  return { preparing, questions };
}

const idsAt = (questions: Question[], path: string) => questions.filter((question) => question.path === path).map(({ params }) => params?.path?.id);

describe('what the lessons of a day need', () => {
  it('is read once each: the routine of both, its figures and those of the lessons, and the postures of their dances', async () => {
    const { preparing, questions } = await prepared();
    expect(idsAt(questions, '/api/lessons/{id}')).toEqual(['monday', 'tuesday']);
    expect(idsAt(questions, '/api/routines/{id}')).toEqual(['tide']);
    expect(idsAt(questions, '/api/routines/{id}/score')).toEqual(['tide']);
    expect(idsAt(questions, '/api/figures/{id}')).toEqual(['waltz-whisk', 'waltz-wing', 'waltz-weave']);
    expect(idsAt(questions, '/api/postures/{id}')).toEqual(['closed']);
    expect([preparing.isReady, preparing.missing, preparing.done]).toEqual([true, 0, preparing.all]);
  });

  it('is asked for just as the pages ask, for only then is it found again', async () => {
    const { questions } = await prepared();
    const today = questions.filter(({ path }) => path === '/api/today').map(({ params }) => params?.query);
    expect(today).toEqual([{ zone: 'Europe/Lisbon' }, { couple: 'idris-wren' }, { couple: 'petra-tomas' }]);
    expect(questions.find(({ path }) => path === '/api/figures')?.params?.query).toEqual({ dance: 'waltz' });
    expect(questions.find(({ path }) => path === '/api/figures/{id}/cards')?.params?.query).toMatchObject({ titles: 'leader-follower' });
  });

  it('is not ready while something of it could not be read, and everything else is read all the same', async () => {
    const { preparing, questions } = await prepared({ ...ANSWERS, '/api/lessons/{id}/notes': new Refused(503, 'Too much at once.') });
    expect([preparing.isReady, preparing.missing, preparing.done]).toEqual([false, 2, preparing.all]);
    expect(idsAt(questions, '/api/figures/{id}/cards')).toHaveLength(3);
  });

  it('is known to be missing where there is no network at all', async () => {
    const out = () => {
      throw new Error('no network');
    };
    const { preparing } = await prepared(Object.fromEntries(Object.keys(ANSWERS).map((path) => [path, out])));
    expect(preparing.isReady).toBe(false);
    expect(preparing.missing).toBe(preparing.all);
  });
});
