import { afterEach, describe, expect, it, vi } from 'vitest';
import { program, Refused, type Question } from '$lib/testing/program';
import { notices } from '$lib/ui/Notices.svelte';
import { Studio } from './Studio.svelte';

const PLAN = {
  items: [
    { kind: 'figure', id: 'whisk', title: 'Whisk', likeness: 'differs' },
    { kind: 'figure', id: 'wing', title: 'Wing', likeness: 'same' },
    { kind: 'routine', id: 'ferry', title: 'Ferry', likeness: 'differs' },
  ],
};

const book = (text: string) => new File([text], 'friend.json', { type: 'application/json' });

afterEach(() => {
  notices.dismiss();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('a book that comes in', () => {
  it('is asked about before anything is stored, and what differs is kept unless it is said otherwise', async () => {
    const taken = { title: 'From a friend', figures: ['whisk-2'], routines: [] };
    const questions = program({ '/api/import-plans': PLAN, '/api/imports': taken });
    const studio = new Studio();
    await studio.openBook(book('{"title": "From a friend"}'));
    expect(studio.differing.map(({ id }) => id)).toEqual(['whisk', 'ferry']);
    expect([studio.count('same'), studio.count('new')]).toEqual([1, 0]);
    expect(questions.map(({ path }) => path)).toEqual(['/api/import-plans']);
    studio.choose(studio.differing[0]!, 'both');
    await studio.takeIn();
    expect(questions.at(-1)?.body).toEqual({
      book: { title: 'From a friend' },
      choices: [
        { kind: 'figure', id: 'whisk', choice: 'both' },
        { kind: 'routine', id: 'ferry', choice: 'keep' },
      ],
    });
    expect([studio.book, notices.current?.sentence]).toEqual([undefined, 'From a friend: 1 figure and 0 routines imported.']);
  });

  it('is chosen for as a whole, and may be left', async () => {
    program({ '/api/import-plans': PLAN });
    const studio = new Studio();
    await studio.openBook(book('{}'));
    studio.chooseAll('replace');
    expect(studio.differing.map((item) => studio.chosen(item))).toEqual(['replace', 'replace']);
    studio.leaveBook();
    expect([studio.differing, studio.count('differs')]).toEqual([[], 0]);
  });

  it('that is none is named, and nothing is asked', async () => {
    const questions = program({});
    const studio = new Studio();
    await studio.openBook(book('not a book'));
    expect(studio.failure).toBe('friend.json is not a book: it is not valid JSON.');
    expect([questions, studio.busy]).toEqual([[], undefined]);
  });
});

describe('backups', () => {
  it('are listed, made, and put back so that it can be undone', async () => {
    const restored: string[] = [];
    const restore = ({ params }: Question) => {
      restored.push(params!.path!.name!);
      return { before: 'before.zip' };
    };
    program({ 'GET /api/backups': [{ name: 'a.zip' }], 'POST /api/backups': { name: 'b.zip' }, '/api/deletions': [], '/api/backups/{name}/restoration': restore });
    const studio = new Studio();
    await studio.backUp();
    expect([notices.current?.sentence, studio.backups]).toEqual(['Backup saved as b.zip.', [{ name: 'a.zip' }]]);
    await studio.restore('a.zip');
    await notices.undo();
    expect(restored).toEqual(['a.zip', 'before.zip']);
  });

  it('are replaced only after what they hold has been seen', async () => {
    const contents = { made: '2026-12-01T10:00:00Z', kinds: [{ kind: 'routine', backup: 3, here: 4 }] };
    const questions = program({ '/api/backups/{name}/contents': contents });
    const studio = new Studio();
    await studio.askToRestore('a.zip');
    expect(studio.wanted).toEqual({ from: 'a.zip', name: 'a.zip', contents });
    expect(questions.map(({ path }) => path)).toEqual(['/api/backups/{name}/contents']);
  });

  it('from a file say what is wrong with them', async () => {
    vi.stubGlobal('fetch', async () => new Response(JSON.stringify({ detail: 'This backup is damaged.' }), { status: 422 }));
    const studio = new Studio();
    await studio.restore(new File(['x'], 'old.zip'));
    expect(studio.failure).toBe('This backup is damaged.');
  });
});

describe('what was deleted', () => {
  it.each([
    ['figure', '/api/figures/{id}/versions', '/api/figures'],
    ['routine', '/api/routines/{id}/versions', '/api/routines'],
  ])('comes back as it was last: a %s', async (kind, versions, store) => {
    const questions = program({
      [versions]: [{ [kind]: { id: 'gone', title: 'Last' } }, { [kind]: { id: 'gone', title: 'Older' } }],
      [`POST ${store}`]: {},
      '/api/backups': [],
      '/api/deletions': [],
    });
    await new Studio().bringBack({ kind, id: 'gone', title: 'Gone' } as never);
    expect(questions.find(({ method }) => method === 'POST')?.body).toEqual({ id: 'gone', title: 'Last' });
    expect(notices.current?.sentence).toBe('Gone was restored.');
  });

  it('stays deleted where something has its name', async () => {
    program({ '/api/figures/{id}/versions': [{ figure: {} }], 'POST /api/figures': new Refused(409, 'There is one of that name.') });
    const studio = new Studio();
    await studio.bringBack({ kind: 'figure', id: 'gone', title: 'Gone' } as never);
    expect([studio.failure, notices.current]).toEqual(['There is one of that name.', undefined]);
  });
});
