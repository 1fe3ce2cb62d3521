import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { DanceEvent, DayRelaxation } from '$lib/api/client';
import { program, remembering } from '$lib/testing/program';
import { EventDesk } from './EventDesk.svelte';

const EVENT: DanceEvent = {
  id: 'open',
  title: 'Open',
  date: '2027-03-13',
  profile: 'rules',
  floors: [{ title: 'Hall' }],
  couples: [
    { id: 'a', title: 'A', coached: true },
    { id: 'b', title: 'B', coached: false },
  ],
  rounds: [
    { id: 'first', title: 'First', division: 'Bronze', minutes: 2, at: '10:00', entries: [{ couple: 'a' }, { couple: 'b' }] },
    { id: 'final', title: 'Final', division: 'Bronze', minutes: 2, after: 'first', entries: [{ couple: 'a' }] },
  ],
  plan: [{ round: 'first', start: '10:00', heats: [['a', 'b'], []] }],
};
const DAY = { exact: true, ends: '10:30', conflicts: [], relaxations: [], warmUps: [], calls: [], plan: [{ round: 'first', start: '10:05', heats: [['b'], ['a']] }] };

beforeEach(() => {
  remembering();
  program({ '/api/events/{id}': EVENT, '/api/events/days': DAY });
});
afterEach(() => vi.restoreAllMocks());

describe('an event under work', () => {
  it('takes a couple out of every round at once, and undo brings it back', async () => {
    const desk = await EventDesk.open('open');
    desk.dropCouple('a');
    expect(desk.event.rounds.map((round) => round.entries.length)).toEqual([1, 0]);
    desk.undo();
    expect(desk.event).toEqual(EVENT);
  });

  it('lets no round wait for one that is gone', async () => {
    const desk = await EventDesk.open('open');
    desk.dropRound('first');
    expect(desk.event.rounds).toEqual([{ ...EVENT.rounds[1], after: undefined }]);
    expect(desk.event.plan).toEqual([]);
  });

  it('moves a couple between heats, and takes the plan it is given', async () => {
    const desk = await EventDesk.open('open');
    desk.moveTo('first', 'b', 1);
    expect(desk.event.plan?.[0]?.heats).toEqual([['a'], ['b']]);
    await desk.plan();
    expect(desk.event.plan).toEqual(DAY.plan);
  });

  it('gives up just what a relaxation gives up', async () => {
    const desk = await EventDesk.open('open');
    const relaxation: DayRelaxation = { sentence: '', day: { begins: '09:00', ends: '19:00', rest: 5, warmUp: 0, between: 0 }, coached: [], set: [] };
    await desk.relax(relaxation);
    expect(desk.event.day).toEqual(relaxation.day);
    expect(desk.own).toEqual([]);
    expect(desk.event.rounds[0]?.at).toBeUndefined();
  });

  it('gives a new couple an id that no other has', async () => {
    const desk = await EventDesk.open('open');
    desk.addCouple('A');
    expect(desk.event.couples.map((couple) => couple.id)).toEqual(['a', 'b', 'a-2']);
  });
});
