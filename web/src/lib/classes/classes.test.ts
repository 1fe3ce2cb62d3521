import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { later, program, Refused, remembering, type Question } from '$lib/testing/program';
import { ClassRun } from './ClassRun.svelte';
import { PartnerBoard } from './PartnerBoard.svelte';

const WISH = { figures: ['whisk'], level: 'bronze' as const, minutes: 10, men: 4, ladies: 4, known: ['wing'] };
const PARTS = [
  { title: 'Warm up', minutes: 2 },
  { title: 'Alone', minutes: 3 },
  { title: 'To tempo', minutes: 5 },
];

afterEach(() => {
  vi.restoreAllMocks();
  vi.useRealTimers();
});

describe('a class that is run', () => {
  beforeEach(() => vi.useFakeTimers({ now: 1_000_000 }));

  async function planned() {
    program({ '/api/class-plans': { title: 'Whisk', parts: PARTS, cautions: [], notes: [] }, '/api/learning-paths': ({ body }: Question) => [body] });
    const run = new ClassRun();
    await run.ask(WISH);
    return run;
  }

  it('is changed in place, and its minutes are counted again', async () => {
    const run = await planned();
    expect(run.learning).toEqual([{ wanted: ['whisk'], known: ['wing'] }]);
    run.change(1, { minutes: 6 });
    run.drop(0);
    expect([run.minutes, run.plan?.parts.map(({ title }) => title)]).toEqual([11, ['Alone', 'To tempo']]);
  });

  it('goes from part to part by the clock, and stands still while it is paused', async () => {
    const run = await planned();
    expect([run.clock.isBegun, run.clock.at, run.clock.left]).toEqual([false, 0, 120]);
    run.clock.begin();
    vi.advanceTimersByTime(150_000);
    expect([run.clock.at, run.clock.left]).toEqual([1, 150]);
    run.clock.pause();
    vi.advanceTimersByTime(600_000);
    expect([run.clock.running, run.clock.at, run.clock.left]).toEqual([false, 1, 150]);
    run.clock.begin();
    vi.advanceTimersByTime(30_000);
    expect(run.clock.left).toBe(120);
    run.clock.skip(0);
    expect([run.clock.at, run.clock.left]).toEqual([1, 180]);
    run.clock.skip(1);
    expect([run.clock.at, run.clock.left]).toEqual([2, 300]);
    vi.advanceTimersByTime(301_000);
    expect([run.clock.at, run.clock.left]).toEqual([3, 0]);
    run.clock.reset();
    expect([run.clock.isBegun, run.clock.at]).toEqual([false, 0]);
  });

  it('says why there is no plan, and has none without a figure', async () => {
    program({ '/api/class-plans': new Refused(422, '5 minutes: expected 15 to 180.'), '/api/learning-paths': [] });
    const run = new ClassRun();
    await run.ask(WISH);
    expect(run.failure).toContain('15 to 180');
    await run.ask({ ...WISH, figures: [] });
    expect([run.plan, run.failure]).toEqual([undefined, undefined]);
  });

  it('is the last that was asked for, also where an earlier one is refused late', async () => {
    const refused = later<Refused>();
    program({
      '/api/class-plans': ({ body }: Question) => ((body as { minutes: number }).minutes === 5 ? refused.promise : { title: 'Whisk', parts: PARTS, cautions: [], notes: [] }),
      '/api/learning-paths': [],
    });
    const run = new ClassRun();
    const early = run.ask({ ...WISH, minutes: 5 });
    await run.ask(WISH);
    refused.answer(new Refused(422, '5 minutes: expected 15 to 180.'));
    await early;
    expect([run.minutes, run.failure]).toEqual([10, undefined]);
  });

  it('shows a plan as it was kept, in place of the one that was made', async () => {
    const run = new ClassRun();
    run.show([]);
    expect(run.plan).toBeUndefined();
    const made = await planned();
    made.show([{ title: 'Kept', minutes: 45 }] as never);
    expect([made.minutes, made.plan?.title]).toEqual([45, 'Whisk']);
  });
});

describe('changes of partners', () => {
  const ROUNDS = [
    {
      pairs: [
        { man: 'Ned', lady: 'Ann' },
        { man: 'Tom', lady: 'Bea' },
      ],
      resting: [],
    },
    {
      pairs: [
        { man: 'Ned', lady: 'Bea' },
        { man: 'Tom', lady: 'Ann' },
      ],
      resting: [],
    },
  ];
  let questions: Question[] = [];

  beforeEach(() => {
    remembering();
    questions = program({ '/api/partner-plans': { rounds: ROUNDS, fewest: 2, parts: {} } });
  });

  it('reads names and pairs as a coach writes them', async () => {
    const board = new PartnerBoard();
    board.write({ men: 'Ned\n Tom ,', ladies: 'Ann; Bea', together: 'Tom and Bea\nNed', apart: 'Ned + Ann\nTom & Cal' });
    await vi.waitFor(() => expect(board.rounds).toHaveLength(2));
    expect(questions.at(-1)?.body).toEqual({
      men: ['Ned', 'Tom'],
      ladies: ['Ann', 'Bea'],
      either: [],
      together: [{ man: 'Tom', lady: 'Bea' }],
      apart: [
        { man: 'Ned', lady: 'Ann' },
        { man: 'Tom', lady: 'Cal' },
      ],
      danced: [],
    });
  });

  it('takes numbers instead of names', async () => {
    const board = new PartnerBoard();
    expect([board.count('9 and 8'), board.count('nine + 8'), board.count('2 + 1')]).toEqual([false, false, true]);
    expect([board.roll.men, board.roll.ladies]).toEqual(['Leader 1\nLeader 2', 'Follower 1']);
    await vi.waitFor(() => expect(board.rounds).toHaveLength(2));
  });

  it('remembers who has met, when somebody comes late and when the page is opened again', async () => {
    const board = new PartnerBoard();
    board.write({ men: 'Ned\nTom', ladies: 'Ann\nBea' });
    await vi.waitFor(() => expect(board.round).toBeDefined());
    board.next();
    expect([board.done, board.round]).toEqual([1, ROUNDS[1]]);
    board.write({ ladies: 'Ann\nBea\nLate' });
    await vi.waitFor(() => expect(questions.at(-1)?.body).toMatchObject({ ladies: ['Ann', 'Bea', 'Late'], danced: ROUNDS[0]!.pairs }));
    const again = new PartnerBoard();
    await vi.waitFor(() => expect(again.round).toBeDefined());
    expect([again.done, again.roll.ladies]).toEqual([1, 'Ann\nBea\nLate']);
    again.again();
    await vi.waitFor(() => expect(questions.at(-1)?.body).toMatchObject({ danced: [] }));
  });

  it('does not count a pair that stays together as having met', async () => {
    const board = new PartnerBoard();
    board.write({ men: 'Ned\nTom', ladies: 'Ann\nBea', together: 'Ned and Ann' });
    await vi.waitFor(() => expect(board.round).toBeDefined());
    board.next();
    board.write({ either: 'Cal' });
    await vi.waitFor(() => expect(questions.at(-1)?.body).toMatchObject({ danced: [{ man: 'Tom', lady: 'Bea' }] }));
  });
});
