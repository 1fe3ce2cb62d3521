import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Figure, Finding, Reading } from '$lib/api/client';
import { BasedOn, program, Refused, remembering, type Question } from '$lib/testing/program';
import { notices } from '$lib/ui/Notices.svelte';
import { FigureSheet } from './FigureSheet.svelte';
import { blankFigure } from './newFigure';

const FIGURE: Figure = { ...blankFigure('waltz', 'Turn'), man: [{ foot: 'RF', turn: '1/4 R' }, { foot: 'LF' }], lady: [{ foot: 'LF' }, {}], derived: ['/lady/0/foot'] };
const FINDING = {
  rule: 'T1',
  place: { pointer: '/man/1/turn', part: 'man', row: 1, column: 'turn' },
  fixes: [{ place: { pointer: '/man/1/turn', part: 'man', row: 1, column: 'turn' }, text: '1/8 R' }],
};
const NOTHING_WRONG = { unreadable: [], findings: [], man: [], lady: [], repeats: [] };

const BASICS = {
  'GET /api/figures/{id}': FIGURE,
  '/api/readings': NOTHING_WRONG,
  '/api/completions': [],
  '/api/figures/{id}/effects': [],
  'PUT /api/figures/{id}': ({ body }: Question) => body,
};

beforeEach(() => remembering());
afterEach(() => {
  notices.dismiss();
  vi.restoreAllMocks();
});

async function sheet(answers: Record<string, unknown> = {}) {
  const questions = program({ ...BASICS, ...answers });
  return { sheet: await FigureSheet.open(FIGURE.id), questions };
}

describe('what is said of it as it is kept', () => {
  const asked = async (tag: string) => {
    const { questions } = await sheet({ '/api/figures/{id}/reading': new BasedOn(tag, NOTHING_WRONG) });
    return questions.filter(({ path }) => path === '/api/readings').length;
  };

  it('is taken where it is of the revision that is opened, and asked for once more where it is of another', async () => {
    expect(await asked('"1"')).toBe(0);
    expect(await asked('"2"')).toBe(1);
  });
});

describe('cells', () => {
  it('become the shorthand they were read as once they are left, except what was not understood', async () => {
    const reading: Partial<Reading> = {
      ...NOTHING_WRONG,
      unreadable: [{ place: { pointer: '/man/0/footwork', part: 'man', row: 0, column: 'footwork' }, text: 'hlx' } as Reading['unreadable'][number]],
      man: [{ shorthand: { foot: 'RF', turn: '1/4 R' } }, { shorthand: { foot: 'LF' } }] as Reading['man'],
    };
    const { sheet: open } = await sheet({ '/api/readings': reading });
    open.type('man', 0, 'footwork', 'hlx');
    open.type('man', 0, 'turn', 'a quarter to the right');
    expect(open.figure.man[0]).toMatchObject({ turn: 'a quarter to the right' });
    open.accept();
    await vi.waitFor(() => expect(open.figure.man[0]).toEqual({ foot: 'RF', turn: '1/4 R', footwork: 'hlx' }));
  });

  it('are no longer marked as derived once they are written', async () => {
    const { sheet: open } = await sheet();
    expect(open.isDerived('/lady/0/foot')).toBe(true);
    open.type('lady', 0, 'foot', 'RF');
    expect(open.isDerived('/lady/0/foot')).toBe(false);
    open.cancel();
    expect(open.figure.lady[0]?.foot).toBe('LF');
  });

  it('are offered what they may mean, before how they may go on', async () => {
    const place = { pointer: '/man/0/turn', part: 'man', row: 0, column: 'turn' };
    const unreadable = { place, text: '1/8', from: 0, rows: [], choices: [{ column: 'turn', text: '1/8 L', wording: 'to the left' }] };
    const { sheet: open } = await sheet({ '/api/readings': { ...NOTHING_WRONG, unreadable: [unreadable] }, '/api/completions': [{ text: '1/4 L', wording: 'a quarter' }] });
    expect(open.offered({ part: 'man', row: 0, column: 'turn' }).map(({ text }) => text)).toEqual(['1/8 L']);
    open.enter({ part: 'man', row: 1, column: 'turn' });
    await vi.waitFor(() => expect(open.offered({ part: 'man', row: 1, column: 'turn' }).map(({ text }) => text)).toEqual(['1/4 L']));
  });

  it('give words that belong elsewhere away and keep the rest', async () => {
    const place = { pointer: '/man/0/turn', part: 'man', row: 0, column: 'turn' };
    const choice = { column: 'footwork', text: 'H T', wording: 'heel, toe' };
    const { sheet: open } = await sheet({ '/api/readings': { ...NOTHING_WRONG, unreadable: [{ place, text: ' heel toe', from: 5, rows: [], choices: [choice] }] } });
    open.set({ man: [{ turn: '1/4 R heel toe' }, {}] });
    await vi.waitFor(() => expect(open.unreadable('/man/0/turn')).toBeDefined());
    open.take({ part: 'man', row: 0, column: 'turn' }, { ...choice, column: 'footwork' });
    expect(open.figure.man[0]).toEqual({ turn: '1/4 R', footwork: 'H T' });
    open.undo();
    expect(open.figure.man[0]).toEqual({ turn: '1/4 R heel toe' });
  });

  it('take one text over several rows', async () => {
    const { sheet: open } = await sheet();
    open.take({ part: 'man', row: 0, column: 'turn' }, { column: 'turn', text: '', wording: '', rows: ['1/8 R', '1/8 R'] });
    expect(open.figure.man.map(({ turn }) => turn)).toEqual(['1/8 R', '1/8 R']);
  });

  it('are mended by the first thing that mends them, wherever it stands', async () => {
    const { sheet: open } = await sheet({ '/api/readings': { ...NOTHING_WRONG, findings: [FINDING] } });
    open.mend('/man/0/turn');
    expect(open.figure.man[1]?.turn).toBeUndefined();
    open.mend('/man/1/turn');
    expect(open.figure.man[1]?.turn).toBe('1/8 R');
    open.set({ repeat: { first: 1, last: 2, times: '1' } });
    open.put({ pointer: '/repeat/times' } as never, '1-2');
    open.put({ pointer: '/cautions' } as never, 'low and slow first');
    open.put({ pointer: '/bars' } as never, '2');
    expect(open.figure).toMatchObject({ repeat: { times: '1-2' }, cautions: ['low and slow first'], bars: '2' });
  });
});

it('moves, repeats, adds and takes out rows, but never the last', async () => {
  const { sheet: open } = await sheet();
  expect(open.moveRow('man', 0, -1)).toBe(0);
  expect(open.moveRow('man', 0, 1)).toBe(1);
  open.repeatRow('man', 0);
  open.insertRow('man', 2);
  expect(open.figure.man).toEqual([{ foot: 'LF' }, { foot: 'LF' }, { foot: 'RF', turn: '1/4 R' }, {}]);
  for (let row = 0; row < 5; row++) open.removeRow('man', 0);
  expect(open.figure.man).toEqual([{}]);
});

it('does not hear a finding again until that is asked', async () => {
  const finding = FINDING as unknown as Finding;
  const { sheet: open } = await sheet();
  open.mute(finding, 'our school');
  expect(open.figure.mutes).toEqual([{ rule: 'T1', at: '/man/1/turn', reason: 'our school' }]);
  open.mute({ ...finding, rule: 'T2' }, 'another');
  open.hearAgain(finding);
  expect(open.figure.mutes?.map(({ rule }) => rule)).toEqual(['T2']);
});

describe('keeping', () => {
  it('asks first where a routine would break, and keeps when it is told to', async () => {
    const harmed = { title: 'Ferry Night', seams: [{ outcome: 'bends' }, { outcome: 'breaks' }], problems: [] };
    const { sheet: open, questions } = await sheet({ '/api/figures/{id}/effects': [harmed] });
    open.set({ bars: '2' });
    await open.keep();
    expect([open.effects, open.isKept]).toEqual([[harmed], false]);
    expect(questions.some(({ method }) => method === 'PUT')).toBe(false);
    await open.keepAnyway();
    expect([open.effects, open.isKept]).toEqual([undefined, true]);
  });

  it('says that the routines are as they were', async () => {
    const { sheet: open } = await sheet({ '/api/figures/{id}/effects': [{ title: 'Ferry Night', seams: [], problems: [] }] });
    open.set({ bars: '2' });
    await open.keep();
    expect(open.isKept).toBe(true);
    expect(notices.current?.sentence).toBe('Used in 1 routine: no seam is worse than before.');
  });

  it('says which routines bend now', async () => {
    const bent = { title: 'Ferry Night', seams: [{ outcome: 'bends' }], problems: [] };
    const { sheet: open } = await sheet({ '/api/figures/{id}/effects': [bent, { title: 'Lamplight', seams: [], problems: [] }] });
    open.set({ bars: '2' });
    await open.keep();
    expect(notices.current?.sentence).toBe('1 seam bends now that held before: Ferry Night.');
  });

  it('as a copy takes the first free number and leaves the figure as it was', async () => {
    const taken = ['waltz-turn-2', 'waltz-turn-3'];
    const create = ({ body }: { body: Figure }) => (taken.includes(body.id) ? new Refused(409, 'There is one.') : body);
    const { sheet: open } = await sheet({ 'POST /api/figures': create });
    open.set({ bars: '2' });
    expect(await open.keepAsCopy()).toBe('waltz-turn-4');
    expect(open.figure.bars).toBe('1');
  });

  it('as a copy says what is wrong with it', async () => {
    const { sheet: open } = await sheet({ 'POST /api/figures': new Refused(422, 'It cannot be danced.') });
    expect(await open.keepAsCopy()).toBeUndefined();
    expect(open.failure).toBe('It cannot be danced.');
  });
});

it('is not deleted while a routine dances it', async () => {
  const { sheet: open, questions } = await sheet({ '/api/figures/{id}/effects': [{ title: 'Ferry Night', seams: [], problems: [] }] });
  expect(await open.delete()).toBe(false);
  expect(open.failure).toBe('It is used in Ferry Night. Remove it there first.');
  expect(questions.some(({ method }) => method === 'DELETE')).toBe(false);
});

it('shows charts made from others before they are taken', async () => {
  const made = { ...FIGURE, lady: [{ foot: 'RF' }, { foot: 'LF' }] };
  const { sheet: open } = await sheet({ '/api/derivations': { figure: made } });
  await open.propose({ kind: 'partner', from: 'man' });
  expect(open.figure).toEqual(FIGURE);
  open.acceptProposal();
  expect([open.figure.lady, open.proposal]).toEqual([made.lady, undefined]);
});

it('forgets that it could not be read once it can', async () => {
  let runs = true;
  const { sheet: open } = await sheet({ '/api/readings': () => (runs ? NOTHING_WRONG : new Refused(503, 'Busy.')) });
  runs = false;
  open.set({ bars: '2' });
  await vi.waitFor(() => expect(open.failure).toBe('Busy.'));
  runs = true;
  open.set({ bars: '3' });
  await vi.waitFor(() => expect(open.failure).toBeUndefined());
});

describe('where the program cannot be asked', () => {
  const out = new Refused(503, 'Too much at once; again in a second.');

  it('nothing is kept or deleted unasked, and it is said', async () => {
    const { sheet: open, questions } = await sheet({ '/api/figures/{id}/effects': out });
    open.set({ bars: '2' });
    await open.keep();
    expect([open.isKept, open.failure]).toEqual([false, out.detail]);
    expect(await open.delete()).toBe(false);
    expect(questions.filter(({ method }) => method === 'PUT' || method === 'DELETE')).toEqual([]);
  });

  it('what was asked besides says so, and the figure stays as it is', async () => {
    const { sheet: open } = await sheet({ '/api/derivations': out, '/api/completions': out, '/api/shipped-figures/{id}/comparison': out });
    await open.propose({ kind: 'mirror' });
    expect([open.failure, open.proposal]).toEqual([out.detail, undefined]);
    open.failure = undefined;
    open.enter({ part: 'man', row: 1, column: 'turn' });
    await vi.waitFor(() => expect(open.failure).toBe(out.detail));
    open.failure = undefined;
    await open.compareWithShipped(open.figure);
    expect([open.failure, open.figure]).toEqual([out.detail, FIGURE]);
  });
});

describe('the figure as it came with the program', () => {
  it('is laid over this one in one step, and undo takes it away again', async () => {
    const shipped = { figure: { ...FIGURE, bars: '3' }, differences: [] };
    const { sheet: open } = await sheet({ '/api/shipped-figures/{id}/comparison': [shipped] });
    open.takeShipped();
    expect(open.figure).toEqual(FIGURE);
    await open.compareWithShipped(open.figure);
    open.takeShipped();
    expect(open.figure.bars).toBe('3');
    open.undo();
    expect(open.figure).toEqual(FIGURE);
  });

  it('is none where it did not come with it', async () => {
    const { sheet: open } = await sheet({ '/api/shipped-figures/{id}/comparison': [] });
    await open.compareWithShipped(open.figure);
    expect(open.shipped).toBeNull();
  });
});

describe('a block of cells', () => {
  it('goes where it is put, beyond the last row into new ones, in one step', async () => {
    const { sheet: open } = await sheet();
    open.paste(
      'man',
      1,
      ['foot', 'turn'],
      [
        ['LF', '1/8 R'],
        ['RF', '1/8 R'],
      ],
    );
    expect(open.figure.man).toEqual([
      { foot: 'RF', turn: '1/4 R' },
      { foot: 'LF', turn: '1/8 R' },
      { foot: 'RF', turn: '1/8 R' },
    ]);
    open.undo();
    expect(open.figure.man).toEqual(FIGURE.man);
  });

  it('brings back an older version under its own id', async () => {
    const { sheet: open } = await sheet();
    open.restore({ ...FIGURE, id: 'another', title: 'Older' });
    expect([open.figure.id, open.figure.title]).toEqual([FIGURE.id, 'Older']);
  });
});

it('counts the onsets of both parts once each, in order', async () => {
  const row = (onset: number | undefined) => ({ onset, shorthand: {} });
  const { sheet: open } = await sheet({ '/api/readings': { ...NOTHING_WRONG, man: [row(0), row(1.5), row(undefined)], lady: [row(0), row(1), row(2)] } });
  await vi.waitFor(() => expect(open.onsets).toEqual([0, 1, 1.5, 2]));
});

it('saves its steps as they are drawn under its own name', async () => {
  const saved: string[] = [];
  vi.stubGlobal('URL', { createObjectURL: () => 'blob:steps', revokeObjectURL: () => undefined });
  vi.stubGlobal('document', {
    createElement: () => ({
      click() {},
      set download(name: string) {
        saved.push(name);
      },
    }),
  });
  vi.stubGlobal('fetch', async () => new Response('<svg/>'));
  const { sheet: open } = await sheet();
  await open.saveSteps();
  expect([saved, open.failure]).toEqual([[`${FIGURE.id}-steps.svg`], undefined]);
  vi.stubGlobal('fetch', async () => new Response('{"detail":"It has no step."}', { status: 422, headers: { 'Content-Type': 'application/problem+json' } }));
  await open.saveSteps();
  expect(open.failure).toBe('It has no step.');
  vi.unstubAllGlobals();
});
