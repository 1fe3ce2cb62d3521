import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/client';
import { program, remembering } from '$lib/testing/program';
import { EditSession, opened, type Store, type Stored } from './EditSession.svelte';
import { notices } from './Notices.svelte';

interface Note {
  id: string;
  title: string;
}

/** Stores one note; somebody else may be quicker. */
class OneNote implements Store<Note> {
  kind = 'note';
  stored: Stored<Note> | undefined;

  constructor(title?: string) {
    if (title) this.stored = { document: { id: 'n', title }, tag: '"0"' };
  }

  async load() {
    if (!this.stored) throw new Problem(404, 'There is no such note.');
    return this.stored;
  }

  async create(document: Note) {
    if (this.stored) throw new Problem(409, 'There is already such a note.', [], this.stored.document);
    return (this.stored = { document, tag: '"0"' });
  }

  async replace(document: Note, tag: string) {
    if (tag !== this.stored?.tag) throw new Problem(409, 'It was saved elsewhere.', [], this.stored?.document);
    return (this.stored = { document, tag: `"${Number(tag.replaceAll('"', '')) + 1}"` });
  }

  async remove() {
    this.stored = undefined;
  }
}

class NoteSession extends EditSession<Note> {
  changes = 0;

  get title() {
    return this.document.title;
  }

  call(title: string) {
    this.change({ ...this.document, title });
  }

  type(title: string) {
    this.amend({ ...this.document, title });
  }

  protected changed() {
    this.changes++;
  }
}

async function sessionOn(store: OneNote) {
  program({ '/api/taken-ids': { taken: store.stored !== undefined } });
  return new NoteSession(store, await opened(store, 'n'));
}

describe('an edit session', () => {
  beforeEach(() => remembering());

  it('is kept only when the stored document says the same', async () => {
    const session = await sessionOn(new OneNote('First'));
    expect(session.isKept).toBe(true);
    session.call('Second');
    expect(session.isKept).toBe(false);
    await session.keep();
    expect([session.isKept, session.failure]).toEqual([true, undefined]);
    session.typing = true;
    expect(session.isKept).toBe(false);
  });

  it('keeps what is being typed', async () => {
    const store = new OneNote('First');
    const session = await sessionOn(store);
    session.type('Typed');
    await session.keep();
    expect(store.stored?.document.title).toBe('Typed');
  });

  it('loses nothing when the page is left before it is kept', async () => {
    const store = new OneNote('First');
    (await sessionOn(store)).call('Unkept');
    const again = await sessionOn(store);
    expect([again.title, again.recovered]).toEqual(['Unkept', true]);
    again.discardRecovered();
    expect([again.title, again.recovered]).toEqual(['First', false]);
    again.call('Third');
    await again.keep();
    expect([again.failure, store.stored?.document.title]).toEqual([undefined, 'Third']);
  });

  it('opens what was never stored from what was left unkept', async () => {
    const store = new OneNote();
    await expect(opened(store, 'n')).rejects.toThrow('no such note');
    localStorage.setItem('fluidframe/note/n', JSON.stringify({ value: { id: 'n', title: 'Begun' }, tag: '' }));
    const session = await sessionOn(store);
    expect([session.title, session.isNew]).toEqual(['Begun', true]);
  });

  it('opens what is stored where what was left unkept cannot be read, and forgets that', async () => {
    localStorage.setItem('fluidframe/note/n', '{"value": {"id":');
    const session = await sessionOn(new OneNote('First'));
    expect([session.title, session.recovered, localStorage.getItem('fluidframe/note/n')]).toEqual(['First', false, null]);
  });

  it('goes on where the browser has no room for unkept work, and says so', async () => {
    const store = new OneNote('First');
    const session = await sessionOn(store);
    vi.spyOn(localStorage, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    session.call('Second');
    expect([session.title, notices.current?.sentence]).toEqual(['Second', expect.stringContaining('no room')]);
    await session.keep();
    expect(store.stored?.document.title).toBe('Second');
  });

  it('opens what somebody has stored meanwhile under the id of unkept new work as that, with the work on it', async () => {
    localStorage.setItem('fluidframe/note/n', JSON.stringify({ value: { id: 'n', title: 'Begun' }, tag: '' }));
    const session = await sessionOn(new OneNote('Theirs'));
    expect([session.title, session.recovered, session.isNew]).toEqual(['Begun', true, true]);
    await session.keep();
    expect([session.failure, session.conflict]).toEqual(['There is already such a note.', { id: 'n', title: 'Theirs' }]);
  });

  it('tells a conflict and lets the coach choose', async () => {
    const store = new OneNote('First');
    const session = await sessionOn(store);
    await store.replace({ id: 'n', title: 'Theirs' }, '"0"');
    session.call('Mine');
    await session.keep();
    expect(session.conflict).toEqual({ id: 'n', title: 'Theirs' });
    await session.keepOver();
    expect([session.conflict, store.stored?.document.title]).toEqual([undefined, 'Mine']);
  });

  it('says that what is stored cannot be had, and keeps both choices', async () => {
    const store = new OneNote('First');
    const session = await sessionOn(store);
    await store.replace({ id: 'n', title: 'Theirs' }, '"0"');
    session.call('Mine');
    await session.keep();
    vi.spyOn(store, 'load').mockRejectedValue(new Problem(503, 'The program is busy.'));
    await session.takeStored();
    await session.keepOver();
    expect([session.failure, session.title, session.conflict]).toEqual(['The program is busy.', 'Mine', { id: 'n', title: 'Theirs' }]);
  });

  it('takes the stored one instead, and undo brings the other back', async () => {
    const store = new OneNote('First');
    const session = await sessionOn(store);
    await store.replace({ id: 'n', title: 'Theirs' }, '"0"');
    session.call('Mine');
    await session.keep();
    await session.takeStored();
    expect([session.title, session.conflict]).toEqual(['Theirs', undefined]);
    session.undo();
    expect(session.title).toBe('Mine');
  });

  it('brings back what was deleted', async () => {
    const store = new OneNote('First');
    expect(await (await sessionOn(store)).delete()).toBe(true);
    expect(store.stored).toBeUndefined();
    await notices.undo();
    expect(store.stored).toEqual({ document: { id: 'n', title: 'First' }, tag: '"0"' });
  });

  it('takes back the last keeping after the coach has gone elsewhere', async () => {
    const store = new OneNote('First');
    const session = await sessionOn(store);
    session.call('Second');
    await session.keep();
    session.leave();
    await notices.undo();
    expect(store.stored?.document.title).toBe('First');
  });
});
