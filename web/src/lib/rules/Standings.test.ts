import { afterEach, expect, it, vi } from 'vitest';
import type { Routine, RuleStanding } from '$lib/api/client';
import { later, program } from '$lib/testing/program';
import { Standings } from './Standings.svelte';

const ROUTINE = { id: 'r' } as Routine;
const BRONZE = { profile: 'open', division: 'Bronze', rulings: [{ rule: 'length', title: 'Length' }] } as unknown as RuleStanding;
const GOLD = {
  profile: 'open',
  division: 'Gold',
  rulings: [
    { rule: 'hold', title: 'Hold' },
    { rule: 'length', title: 'Length' },
  ],
} as unknown as RuleStanding;

afterEach(() => vi.restoreAllMocks());

it('lists each rule once, in the order of the first that has it', () => {
  const standings = new Standings();
  expect(standings.rules([BRONZE, GOLD])).toEqual([
    { rule: 'length', title: 'Length' },
    { rule: 'hold', title: 'Hold' },
  ]);
  expect(standings.ruling(GOLD, 'hold')).toBe(GOLD.rulings[0]);
  expect(standings.ruling(BRONZE, 'hold')).toBeUndefined();
});

it('asks what mends a rule of the division that is looked at, and shows only that', async () => {
  const slow = later<unknown>();
  const questions = program({ '/api/standings': [BRONZE, GOLD], '/api/ruling-repairs': ({ body }: { body: { place: number } }) => (body.place === 0 ? slow.promise : []) });
  const standings = new Standings();
  standings.of(ROUTINE);
  await vi.waitFor(() => expect(standings.standings).toHaveLength(2));
  const first = standings.look(1, 'length', 0, ROUTINE);
  await standings.look(1, 'length', 1, ROUTINE);
  slow.answer([{ label: 'late' }]);
  await first;
  expect(standings.repairs).toEqual([]);
  expect(questions.at(-1)?.body).toEqual({ routine: ROUTINE, profile: 'open', division: 'Gold', rule: 'length', place: 1 });
  const before = questions.length;
  await standings.look(9, 'length', 0, ROUTINE);
  expect(questions).toHaveLength(before);
});

it('forgets what was looked at when the routine changes', async () => {
  program({ '/api/standings': [BRONZE], '/api/ruling-repairs': [{ label: 'shorter' }] });
  const standings = new Standings();
  standings.of(ROUTINE);
  await vi.waitFor(() => expect(standings.standings).toBeDefined());
  await standings.look(0, 'length', 0, ROUTINE);
  expect(standings.repairs).toHaveLength(1);
  standings.of({ ...ROUTINE });
  expect([standings.looked, standings.repairs]).toEqual([undefined, undefined]);
});
