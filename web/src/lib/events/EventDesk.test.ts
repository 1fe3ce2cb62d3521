import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { DanceEvent, DayRelaxation } from '$lib/api/client';
import { BasedOn, program, Refused, remembering } from '$lib/testing/program';
import { notices } from '$lib/ui/Notices.svelte';
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
  it('opens with its day as it is kept, and looks at it again when it is changed', async () => {
    const questions = program({ '/api/events/{id}': EVENT, '/api/events/{id}/day': new BasedOn('"1"', { ...DAY, ends: '11:45' }), '/api/events/days': DAY });
    const desk = await EventDesk.open('open');
    expect(desk.day?.ends).toBe('11:45');
    expect(questions.map(({ path }) => path)).not.toContain('/api/events/days');
    desk.dropRound('final');
    await vi.waitFor(() => expect(desk.day?.ends).toBe('10:30'));
  });

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

  it('adds so many couples by their numbers', async () => {
    const desk = await EventDesk.open('open');
    desk.addCouples(2);
    expect(desk.event.couples.slice(2).map(({ title, number }) => [title, number])).toEqual([
      ['Couple 3', 3],
      ['Couple 4', 4],
    ]);
  });

  it('enters a couple once, with its routines, and scratches it from one round only', async () => {
    const desk = await EventDesk.open('open');
    desk.enter('final', 'b');
    desk.enter('final', 'b');
    desk.setRoutines('final', 'b', ['waltz', 'tango']);
    expect(desk.round('final')?.entries).toEqual([{ couple: 'a' }, { couple: 'b', routines: ['waltz', 'tango'] }]);
    desk.scratch('first', 'b');
    expect([desk.round('first')?.entries, desk.round('final')?.entries.length, notices.current?.sentence]).toEqual([[{ couple: 'a' }], 2, 'B were withdrawn from First.']);
    desk.enter('nothing', 'b');
    desk.scratch('nothing', 'b');
    expect(desk.event.rounds).toHaveLength(2);
  });

  it('gives a round a name and an id of its own, and sets when it begins', async () => {
    const desk = await EventDesk.open('open');
    desk.addRound('Silver');
    desk.addRound('Silver');
    expect(desk.event.rounds.slice(2).map(({ id, title, minutes, entries }) => [id, title, minutes, entries.length])).toEqual([
      ['silver-first-round', 'Silver, first round', 2, 0],
      ['silver-first-round-2', 'Silver, first round', 2, 0],
    ]);
    desk.startAt('first', '10:20');
    desk.startAt('final', '11:00');
    expect(desk.event.plan).toEqual([{ round: 'first', start: '10:20', heats: [['a', 'b'], []] }]);
  });

  it('has a list of what is to be done, ticked off one by one', async () => {
    const desk = await EventDesk.open('open');
    desk.addTask('  Numbers ');
    desk.addTask('Shoes');
    desk.setTask(1, true);
    expect(desk.event.checklist).toEqual([
      { text: 'Numbers', done: false },
      { text: 'Shoes', done: true },
    ]);
    desk.dropTask(0);
    expect(desk.event.checklist).toEqual([{ text: 'Shoes', done: true }]);
  });

  it('says why no day is planned, and keeps the plan there is', async () => {
    const desk = await EventDesk.open('open');
    program({ '/api/events/days': new Refused(422, 'The day ends before it begins.') });
    await desk.plan('10:00');
    expect([desk.failure, desk.planning, desk.event.plan]).toEqual(['The day ends before it begins.', false, EVENT.plan]);
  });

  it('plans from now on what has not begun', async () => {
    const questions = program({ '/api/events/{id}': EVENT, '/api/events/days': { ...DAY, plan: undefined } });
    const desk = await EventDesk.open('open');
    await desk.plan('10:30');
    expect(questions.at(-1)?.body).toMatchObject({ solve: true, now: '10:30' });
    expect(desk.event.plan).toEqual(EVENT.plan);
  });

  it('forgets how the entries stand once anything is changed', async () => {
    program({ '/api/events/{id}': EVENT, '/api/events/days': DAY, '/api/events/{id}/standings': [{ couple: 'a' }] });
    const desk = await EventDesk.open('open');
    await desk.loadStandings();
    expect(desk.standings).toEqual([{ couple: 'a' }]);
    desk.setCouple('b', { coached: true });
    expect([desk.standings, desk.isOwn('b'), desk.own.length]).toEqual([undefined, true, 2]);
    program({ '/api/events/days': DAY, '/api/events/{id}/standings': new Refused(503, 'Too much at once.') });
    await desk.loadStandings();
    expect(desk.failure).toBe('Too much at once.');
  });

  it('asks nothing while its title is being typed', async () => {
    const desk = await EventDesk.open('open');
    const questions = program({ '/api/events/days': DAY });
    desk.type({ title: '' });
    desk.accept();
    await new Promise((turn) => setTimeout(turn, 0));
    expect(questions).toEqual([]);
  });
});
