import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { program, remembering } from '$lib/testing/program';
import { FirstHour } from './FirstHour.svelte';
import { rehearsed } from './progress';

const seam = (outcome: string) => ({ verdict: { outcome } });
const placed = (...figures: string[]) => ({ id: 'my-first-routine', title: 'My First Routine', dance: 'waltz', tempo: 28, placements: figures.map((figure) => ({ figure })) });

async function after(answers: Record<string, unknown>) {
  const questions = program(answers);
  const hour = new FirstHour();
  await hour.look();
  return { hour, questions, done: hour.steps.filter((step) => step.done).map(({ task }) => task) };
}

const OWN = { id: 'waltz-my-own-change', title: 'My Own Change' };
const READ = { unreadable: [], findings: [] };

beforeEach(() => void remembering());
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('the first hour', () => {
  it('begins with nothing done, and with describing', async () => {
    const { hour, done } = await after({});
    expect(done).toEqual([]);
    expect(hour.next?.task).toBe('describe');
    expect(hour.isBegun).toBe(false);
    expect(hour.failure).toBeUndefined();
  });

  it('waits for what does not add up', async () => {
    const { hour, done } = await after({ '/api/figures/{id}': OWN, '/api/readings': { unreadable: [{}], findings: [{ severity: 'error' }, { severity: 'error', muted: 'so' }] } });
    expect(done).toEqual(['describe']);
    expect(hour.next?.wants).toBe('2 things do not add up yet.');
  });

  it('wants the own figure linked with two others, and no seam broken', async () => {
    const score = { beats: 12, beatsPerBar: 3, seams: [seam('holds')] };
    const known = { '/api/figures/{id}': OWN, '/api/readings': READ, '/api/scores': score };
    expect((await after({ ...known, '/api/routines/{id}': placed(OWN.id, 'a') })).hour.next?.wants).toBe('2 of 3 figures.');
    expect((await after({ ...known, '/api/routines/{id}': placed('a', 'b', 'c') })).hour.next?.wants).toBe('Your own figure is not in it yet.');
    expect((await after({ ...known, '/api/routines/{id}': placed(OWN.id, 'a', 'b'), '/api/scores': { ...score, seams: [seam('breaks')] } })).hour.next?.wants).toBe(
      'A seam breaks.',
    );
    expect((await after({ ...known, '/api/routines/{id}': placed(OWN.id, 'a', 'b') })).done).toEqual(['describe', 'check', 'link']);
  });

  it('is over once sixteen bars are composed and rehearsed, and can be thrown away', async () => {
    rehearsed('my-first-routine');
    const { hour, questions, done } = await after({
      '/api/figures/{id}': OWN,
      '/api/readings': READ,
      '/api/routines/{id}': placed(OWN.id, 'a', 'b'),
      '/api/scores': { beats: 48, beatsPerBar: 3, seams: [] },
    });
    expect(done).toHaveLength(5);
    expect(hour.next).toBeUndefined();
    await hour.throwAway();
    expect(questions.filter(({ method }) => method === 'DELETE').map(({ path }) => path)).toEqual(['/api/routines/{id}', '/api/figures/{id}']);
    expect(hour.steps.at(-1)?.done).toBe(false);
  });

  it('begins the routine with the own figure', async () => {
    const { hour, questions } = await after({ '/api/figures/{id}': OWN, '/api/readings': READ, 'POST /api/routines': placed(OWN.id) });
    expect(await hour.addressOf('link')).toBe('/routines/my-first-routine');
    expect(questions.at(-1)?.body).toMatchObject({ placements: [{ figure: OWN.id }] });
  });
});
