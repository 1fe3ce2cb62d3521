import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Following, Routine } from '$lib/api/client';
import { BasedOn, program, Refused, remembering, type Question } from '$lib/testing/program';
import { notices } from '$lib/ui/Notices.svelte';
import { keepRecovered } from '$lib/ui/recovered';
import { RoutineDesk } from './RoutineDesk.svelte';

const ROUTINE: Routine = {
  id: 'five',
  title: 'Five',
  dance: 'waltz',
  tempo: 29,
  placements: ['a', 'b', 'c', 'd', 'e'].map((figure) => ({ figure })),
};

/** Answers scores as the program does, one passage a placement, when it is let go on. */
let letGo: (() => void)[] = [];

/** One passage a placement; a seam breaks wherever a figure follows one that it is said not to follow. */
function scored({ placements }: Routine, apart: string[] = []) {
  const passages = placements.map(({ figure, element }, index) => ({ index, round: 1, title: figure ?? element?.kind, onset: index * 3, beats: 3 }));
  const seams = placements.slice(1).map(({ figure }, after) => ({ after, verdict: { outcome: apart.includes(`${placements[after]?.figure} ${figure}`) ? 'breaks' : 'holds' } }));
  return { placements: passages, seams, steps: [], phrases: [], beatsPerBar: 3, floor: { length: 18, width: 11, start: { x: 2, y: 3 } } };
}

/** Two figures, named after the place they are offered for. */
const amalgamation = (after: number) => ({ id: `after-${after}`, title: `after ${after}`, placements: [{ figure: `p${after}` }, { figure: `q${after}` }] });

let questions: Question[] = [];
let apart: string[] = [];
let offers: Following[] = [];
let routine = ROUTINE;

beforeEach(() => {
  letGo = [];
  apart = [];
  offers = [following('x'), following('y')];
  routine = ROUTINE;
  remembering();
  questions = program({
    'GET /api/routines/{id}': () => routine,
    '/api/next': () => ({ may: offers, mayNot: [] }),
    '/api/previous': () => ({ may: offers, mayNot: [] }),
    '/api/next-amalgamations': ({ body }: Question) => [amalgamation((body as { after: number }).after)],
    '/api/repairs': [{ label: 'a bridge', placements: [{ figure: 'z' }] }],
    '/api/bridges': [],
    '/api/detours': [],
    '/api/loops': { verdict: { outcome: 'holds' } },
    '/api/scores': async ({ body }: Question) => {
      await new Promise<void>((go) => letGo.push(go));
      return scored(body as Routine, apart);
    },
  });
});
afterEach(() => vi.restoreAllMocks());

async function settle() {
  for (let turns = 0; turns < 50; turns++) {
    letGo.splice(0).forEach((go) => go());
    await new Promise((turn) => setTimeout(turn, 0));
  }
}

/** A desk whose score is there. */
async function opened() {
  const opening = RoutineDesk.open(ROUTINE.id);
  await settle();
  return opening;
}

const askedAfter = () => questions.filter(({ path }) => path === '/api/next').map(({ body }) => (body as { after: number }).after);

it('asks what may follow the passage it is opened at once, while the score is still on its way', async () => {
  const opening = RoutineDesk.open(ROUTINE.id, 2);
  await new Promise((turn) => setTimeout(turn, 0));
  expect(askedAfter()).toEqual([2]);
  await settle();
  expect((await opening).selected).toBe(2);
  expect(askedAfter()).toEqual([2]);
});

describe('an amalgamation', () => {
  it('goes behind the chosen figure whole, and its last figure is chosen', async () => {
    const desk = await opened();
    desk.select(1);
    await settle();
    desk.addAmalgamation(desk.amalgamations[0]!);
    await settle();
    expect(desk.placements.map(({ figure }) => figure)).toEqual(['a', 'b', 'p1', 'q1', 'c', 'd', 'e']);
    expect(desk.selected).toBe(3);
    desk.undo();
    expect(desk.placements).toHaveLength(5);
  });

  it('is offered only after the chosen figure, and not taken where it was offered for another', async () => {
    const desk = await opened();
    desk.select(1);
    await settle();
    const offer = desk.amalgamations[0]!;
    desk.look('before');
    await settle();
    expect(desk.amalgamations).toEqual([]);
    desk.look('next');
    desk.select(3);
    await settle();
    desk.addAmalgamation(offer);
    expect(desk.placements).toHaveLength(5);
    expect(notices.current?.sentence).toBe('after 1 no longer fits here.');
  });

  it('begins a routine that has nothing yet', async () => {
    routine = { ...ROUTINE, placements: [] };
    const desk = await opened();
    desk.select(0);
    await settle();
    expect(desk.amalgamations.map(({ id }) => id)).toEqual(['after--1']);
    desk.addAmalgamation(desk.amalgamations[0]!);
    expect(desk.placements).toHaveLength(2);
  });
});

describe('the score as it is kept', () => {
  const asKept = (tag: string) => {
    const known = {
      'GET /api/routines/{id}': () => routine,
      '/api/routines/{id}/score': new BasedOn(tag, scored(routine)),
      '/api/scores': ({ body }: Question) => scored(body as Routine),
    };
    questions = program(known);
  };
  const askedByRoutine = () => questions.filter(({ path }) => path === '/api/scores').length;

  it('is taken where it is of the revision that is opened', async () => {
    asKept('"1"');
    expect((await RoutineDesk.open(ROUTINE.id)).score?.placements).toHaveLength(5);
    expect(askedByRoutine()).toBe(0);
  });

  it('is asked for once more where somebody kept the routine meanwhile', async () => {
    asKept('"2"');
    expect((await RoutineDesk.open(ROUTINE.id)).score?.placements).toHaveLength(5);
    expect(askedByRoutine()).toBe(1);
  });

  it('is nothing to work that was left unkept here', async () => {
    keepRecovered('routine', ROUTINE.id, { value: { ...ROUTINE, placements: [{ figure: 'a' }] }, tag: '"1"' });
    asKept('"1"');
    expect((await RoutineDesk.open(ROUTINE.id)).score?.placements).toHaveLength(1);
    expect(questions.map(({ path }) => path)).not.toContain('/api/routines/{id}/score');
  });
});

it('is opened at its last passage by an address that says one beyond it, and asks nothing where nothing is chosen', async () => {
  const opening = RoutineDesk.open(ROUTINE.id, 40);
  await settle();
  expect((await opening).selected).toBe(4);
  expect(askedAfter()).toEqual([4]);
  questions.length = 0;
  await opened();
  expect(askedAfter()).toEqual([]);
});

it('shows what may follow the passage chosen last, though an earlier answer comes later', async () => {
  const waiting: (() => void)[] = [];
  const desk = await opened();
  program({
    '/api/next': async ({ body }: Question) => {
      const { after } = body as { after: number };
      await new Promise<void>((go) => waiting.push(go));
      return { may: [{ title: `after ${after}` }], mayNot: [] };
    },
  });
  desk.select(1);
  desk.select(3);
  await settle();
  while (waiting.length > 0) {
    waiting.pop()!();
    await settle();
  }
  expect(desk.next?.may[0]?.title).toBe('after 3');
});

const figures = (desk: RoutineDesk) => desk.placements.map(({ figure }) => figure);

it('acts on what is chosen while the score is still behind', async () => {
  const desk = await opened();
  desk.select(3);
  void desk.remove();
  desk.select(1);
  void desk.remove();
  expect(figures(desk)).toEqual(['a', 'c', 'e']);
  await settle();
  expect(desk.chosen).toEqual({ figure: 'a' });
});

it('finds the figure that was meant when one before it is gone', async () => {
  const desk = await opened();
  desk.select(0);
  void desk.remove();
  desk.select(4);
  void desk.remove();
  expect(figures(desk)).toEqual(['b', 'c', 'd']);
});

const following = (figure: string) => ({ placement: { figure }, title: figure, way: '', level: 'bronze' as const, beats: 3, outcome: 'holds' as const, reason: '' });

describe('a figure that is added', () => {
  it('comes behind the chosen one, and is chosen then', async () => {
    const desk = await opened();
    desk.select(1);
    void desk.add(following('x'));
    await settle();
    expect([figures(desk), desk.chosen?.figure]).toEqual([['a', 'b', 'x', 'c', 'd', 'e'], 'x']);
  });

  it('comes before it and begins its section, or takes its place and keeps its corner', async () => {
    const desk = await opened();
    desk.select(2);
    desk.divide({ title: 'Verse', times: 2 });
    desk.turnCorner();
    await settle();
    desk.look('before');
    void desk.add(following('x'));
    await settle();
    expect(desk.placements[2]).toMatchObject({ figure: 'x', section: { title: 'Verse', times: 2 } });
    expect([desk.placements[3]?.section, desk.sectionOf(3)]).toEqual([undefined, { title: 'Verse', times: 2 }]);
    desk.select(3);
    desk.look('instead');
    void desk.add(following('y'));
    await settle();
    expect(desk.placements[3]).toMatchObject({ figure: 'y', cornerAfter: true });
    expect(questions.filter(({ path }) => path === '/api/previous').length).toBeGreaterThan(0);
  });
});

describe('a figure that is taken out', () => {
  it('leaves its corner to the one before, its section to the one after, and says so', async () => {
    const desk = await opened();
    desk.select(2);
    desk.divide({ title: 'Verse', times: 1 });
    desk.turnCorner();
    await settle();
    void desk.remove();
    await settle();
    expect(desk.placements.map(({ figure, cornerAfter, section }) => [figure, cornerAfter ?? false, section?.title])).toEqual([
      ['a', false, undefined],
      ['b', true, undefined],
      ['d', false, 'Verse'],
      ['e', false, undefined],
    ]);
    expect(notices.current?.sentence).toBe('The corner after c is now turned after b.');
  });

  it('takes its corner with it where one is turned already', async () => {
    const desk = await opened();
    for (const at of [1, 2]) desk.turnCornerAfter(at);
    await settle();
    desk.select(2);
    void desk.remove();
    await settle();
    expect(notices.current?.sentence).toBe('The corner after c was removed with it, because b already turns one.');
  });
});

it('moves a passage to where another is, without the section it began', async () => {
  const desk = await opened();
  desk.select(0);
  desk.divide({ title: 'Verse', times: 1 });
  await settle();
  desk.move(0, 3);
  await settle();
  expect(desk.placements.map(({ figure, section }) => `${figure}${section ? '*' : ''}`)).toEqual(['b*', 'c', 'd', 'a', 'e']);
});

it('knows what breaks, and what would mend it', async () => {
  apart = ['b c'];
  const desk = await opened();
  expect([desk.broken, desk.seamAfter(1)?.verdict.outcome]).toEqual([1, 'breaks']);
  await desk.askRepairs();
  expect(desk.repairs).toEqual([]);
  desk.select(1);
  await desk.askRepairs();
  desk.mend(desk.repairs[0]!);
  await settle();
  expect(figures(desk)).toEqual(['z']);
});

it('adds nothing that was offered for an earlier state and is not offered now, and says so', async () => {
  const desk = await opened();
  await desk.offered;
  desk.select(2);
  offers = [following('y')];
  void desk.add(following('x'));
  void desk.add(following('y'));
  await settle();
  expect(figures(desk)).toEqual(['a', 'b', 'c', 'y', 'd', 'e']);
  expect(notices.current?.sentence).toBe('x no longer fits here.');
});

it('takes no late answer for one about the place that is looked at now', async () => {
  apart = ['b c', 'd e'];
  const desk = await opened();
  desk.select(1);
  const late = desk.askRepairs();
  await vi.waitFor(() => expect(questions.at(-1)?.path).toBe('/api/repairs'));
  desk.select(3);
  await late;
  expect(desk.repairs).toEqual([]);
  await desk.askRepairs();
  expect(desk.repairs).toHaveLength(1);
  desk.typeTitle('Six');
  expect(desk.repairs).toHaveLength(1);
  desk.highlight();
  expect(desk.repairs).toEqual([]);
});

it('forgets what was asked of a routine that has changed since', async () => {
  const desk = await opened();
  await Promise.all([desk.tryLoop(), desk.askBridges(), desk.askDetours()]);
  expect([desk.loop?.verdict.outcome, desk.bridges, desk.detours]).toEqual(['holds', [], []]);
  desk.setTempo(30);
  expect([desk.loop, desk.bridges, desk.detours]).toEqual([undefined, undefined, undefined]);
});

it('keeps where the couple begin, unless a wall is there now', async () => {
  routine = { ...ROUTINE, floor: { length: 18, width: 11, start: { x: 14, y: 2 } } };
  const desk = await opened();
  desk.resizeFloor({ width: 9 });
  await settle();
  expect(desk.routine.floor?.start).toEqual({ x: 14, y: 2 });
  desk.resizeFloor({ length: 12 });
  expect(desk.routine.floor?.start).toEqual({ x: 12, y: 2 });
  expect(notices.current?.sentence).toBe('The couple started 14 / 2 m from the corner, which is now beyond the wall. They start at 12 / 2 m instead.');
});

it('asks about a routine whose title is being typed as if it had one', async () => {
  const desk = await opened();
  desk.typeTitle('');
  desk.select(1);
  await settle();
  expect(questions.at(-1)?.body).toMatchObject({ routine: { title: 'untitled' } });
});

it('begins with any figure of the dance where nothing is danced yet', async () => {
  routine = { ...ROUTINE, placements: [] };
  questions = program({
    'GET /api/routines/{id}': routine,
    '/api/scores': scored(routine),
    '/api/figures': [{ id: 'whisk', title: 'Whisk', level: 'bronze' }],
  });
  const desk = await RoutineDesk.open(ROUTINE.id, 0);
  await desk.offered;
  expect(desk.next.may.map(({ placement }) => placement.figure)).toEqual(['whisk']);
  desk.insert([{ figure: 'whisk' }]);
  expect(figures(desk)).toEqual(['whisk']);
});

describe('how a figure is danced', () => {
  it('is changed where it is chosen: way, highlight, corner, section, each of them one step back', async () => {
    const desk = await opened();
    desk.select(1);
    desk.dance({ finish: 'to LOD' });
    desk.highlight();
    desk.turnCorner();
    desk.divide({ title: 'Chorus', times: 1 });
    expect(desk.placements[1]).toMatchObject({ figure: 'b', finish: 'to LOD', highlight: true, cornerAfter: true, section: { title: 'Chorus' } });
    for (let step = 0; step < 4; step++) desk.undo();
    expect(desk.placements[1]).toEqual({ figure: 'b' });
  });

  it('is noted letter by letter, and the note is one step', async () => {
    const desk = await opened();
    desk.select(2);
    for (const note of ['b', 'br', 'breathe']) desk.typeNote(note);
    desk.accept();
    expect(desk.placements[2]?.note).toBe('breathe');
    desk.undo();
    expect(desk.placements[2]?.note).toBeUndefined();
  });

  it('may be an element, which goes behind the chosen one', async () => {
    const desk = await opened();
    desk.select(0);
    desk.addElement({ kind: 'hold', beats: 2 } as never);
    await settle();
    expect(desk.placements[1]).toEqual({ element: { kind: 'hold', beats: 2 }, rounds: undefined });
    expect(desk.selected).toBe(1);
  });
});

describe('what a routine keeps to', () => {
  it('is its floor, its dancers, its tempo, its music and its level', async () => {
    const desk = await opened();
    desk.standOn({ length: 24, width: 15 } as never);
    desk.measure({ man: 1.8, lady: 1.7 });
    desk.setTempo(30);
    desk.layOn('tide', 5);
    desk.bind({ syllabus: true, level: 'bronze' });
    expect(desk.routine).toMatchObject({ floor: { length: 24, width: 15 }, dancers: { man: 1.8 }, tempo: 30, music: { piece: 'tide', from: 5 }, syllabus: true, level: 'bronze' });
    desk.layOn('');
    expect(desk.routine.music).toBeUndefined();
  });

  it('is what an older version kept to once that is brought back, and undo takes it away again', async () => {
    const desk = await opened();
    desk.restore({ ...ROUTINE, id: 'another', title: 'Older', placements: [{ figure: 'old' }] });
    expect([desk.routine.id, desk.routine.title, figures(desk)]).toEqual(['five', 'Older', ['old']]);
    desk.undo();
    expect(figures(desk)).toEqual(['a', 'b', 'c', 'd', 'e']);
  });
});

it('keeps ways round with the figure after which they begin, counted from there', async () => {
  const desk = await opened();
  desk.select(1);
  desk.keepEscapes([{ kind: 'hold', sentence: 'Hold for a bar.', placements: [], rejoins: 3 } as never]);
  await settle();
  expect(desk.placements[1]?.escapes).toEqual([{ kind: 'hold', sentence: 'Hold for a bar.', placements: [], later: 2 }]);
  desk.keepEscapes([]);
  expect(desk.placements[1]?.escapes).toBeUndefined();
});

it('says what could not be asked, and asks it again', async () => {
  const desk = await opened();
  program({ '/api/bridges': new Refused(503, 'Too much at once.'), '/api/detours': new Refused(503, 'Too much at once.'), '/api/loops': new Refused(503, 'Too much at once.') });
  for (const ask of [() => desk.askBridges(), () => desk.askDetours(), () => desk.tryLoop()]) {
    desk.failure = undefined;
    await ask();
    expect(desk.failure).toBe('Too much at once.');
  }
  expect([desk.bridges, desk.detours, desk.loop]).toEqual([undefined, undefined, undefined]);
});
