import msg from '$lib/messages/ui';
import { Problem, required, sentenceOf, type Answer, type Fault } from '$lib/api/client';
import { dropRecovered, findRecovered, keepRecovered } from './recovered';
import { found } from './found';
import { History } from './History.svelte';
import { notices } from './Notices.svelte';
import { same } from './same';

/** A document as it is stored, with the tag of its revision; without a tag it is not stored yet. */
export interface Stored<T> {
  document: T;
  tag: string;
}

/** The document of an answer with its tag, or the answer's problem thrown. */
export function stored<T>(answer: Answer<T>): Stored<T> {
  return { document: required(answer), tag: answer.response.headers.get('ETag') ?? '' };
}

/** Where documents of one kind are stored. */
export interface Store<T> {
  kind: string;
  load(id: string): Promise<Stored<T>>;
  create(document: T): Promise<Stored<T>>;
  replace(document: T, tag: string): Promise<Stored<T>>;
  remove(id: string, tag: string): Promise<void>;
}

/** What a keeping has replaced; no document if there was none before. */
interface Replaced<T> {
  before: T | undefined;
  tag: string;
}

/** What is opened: what is stored, and the work on it that was left unkept. */
export interface Opened<T> {
  stored: Stored<T>;
  unkept?: Stored<T>;
}

/** Opens a stored document; one that is known only as unkept work opens as new. */
export async function opened<T>(store: Store<T>, id: string): Promise<Opened<T>> {
  const draft = findRecovered<T>(store.kind, id);
  const unkept = draft && { document: draft.value, tag: draft.tag };
  if (unkept?.tag !== '') return { stored: await store.load(id), unkept };
  const taken = await found(store, id);
  return taken ? { stored: taken, unkept } : { stored: unkept };
}

/** A document under work: every earlier state of it, what is stored, and what went wrong with storing it. */
export abstract class EditSession<T extends { id: string; title: string }> {
  protected readonly history: History<T>;
  #store: Store<T>;
  #stored = $state.raw<T>()!;
  #tag = $state('');
  /** The tag of what is stored, while unkept work was written against an older one. */
  #storedTag = '';
  #lastKept: Promise<void> = Promise.resolve();
  #replaced: Replaced<T> | undefined;

  failure = $state<string>();
  faults = $state.raw<Fault[]>([]);
  conflict = $state.raw<T>();
  recovered = $state(false);
  keeping = $state(false);
  /** Whether something stands in a field that has not become part of the document yet. */
  typing = $state(false);

  constructor(store: Store<T>, { stored, unkept }: Opened<T>) {
    this.#store = store;
    this.#stored = stored.document;
    this.#tag = this.#storedTag = stored.tag;
    this.history = new History(stored.document);
    if (unkept) {
      this.history.change(unkept.document);
      this.#tag = unkept.tag;
      this.recovered = true;
    }
  }

  /** Called after every change of the document. */
  protected abstract changed(): void;

  protected get document(): T {
    return this.history.present;
  }

  /** Of the revision that the document was written on. */
  protected get tag(): string {
    return this.#tag;
  }

  get isNew() {
    return this.#tag === '';
  }

  get isKept() {
    return !this.typing && this.isStored;
  }

  private get isStored() {
    return !this.isNew && same(this.document, this.#stored);
  }

  get canUndo() {
    return this.history.canUndo;
  }

  get canRedo() {
    return this.history.canRedo;
  }

  undo() {
    this.history.undo();
    this.noteChange();
  }

  redo() {
    this.history.redo();
    this.noteChange();
  }

  /** One keeping waits for the one before it, whose revision it builds on. */
  keep(): Promise<void> {
    this.#lastKept = this.#lastKept.then(() => this.#keepNow());
    return this.#lastKept;
  }

  async #keepNow() {
    this.keeping = true;
    this.history.settle();
    const written = this.document;
    const before = this.isNew ? undefined : this.#stored;
    try {
      const kept = this.isNew ? await this.#store.create(written) : await this.#store.replace(written, this.#tag);
      this.#take(kept);
      this.#replaced = { before, tag: kept.tag };
      if (this.document === written) this.history.reword(kept.document);
      this.clearFailure();
      this.remember();
    } catch (thrown) {
      this.fail(thrown);
    } finally {
      this.keeping = false;
    }
  }

  /** When the coach goes elsewhere the last keeping can still be taken back. */
  leave() {
    const replaced = this.#replaced;
    if (!replaced) return;
    const { title, id } = this.#stored;
    const store = this.#store;
    notices.say({
      sentence: msg.saved({ title }),
      undo: async () => {
        if (replaced.before) await store.replace(replaced.before, replaced.tag);
        else await store.remove(id, replaced.tag);
        notices.say({ sentence: replaced.before ? msg.isBackToItsPrevious({ title }) : msg.wasDeletedAgain({ title }) });
      },
    });
  }

  /** Deletes what is stored; a line offers to bring it back. Answers whether it is gone. */
  async delete(): Promise<boolean> {
    const gone = this.#stored;
    const store = this.#store;
    try {
      await store.remove(gone.id, this.#tag);
    } catch (thrown) {
      this.fail(thrown);
      return false;
    }
    dropRecovered(store.kind, gone.id);
    this.#replaced = undefined;
    notices.say({
      sentence: msg.deleted({ title: gone.title }),
      goesAlong: true,
      undo: async () => {
        await store.create(gone);
        notices.say({ sentence: msg.wasRestored({ title: gone.title }) });
      },
    });
    return true;
  }

  /** After a conflict: the stored version replaces what is here; undo brings this one back. */
  async takeStored() {
    if (!(await this.#read())) return;
    this.history.change(this.#stored);
    this.clearFailure();
    this.noteChange();
  }

  /** After a conflict: what is here replaces the stored version. */
  async keepOver() {
    if (await this.#read()) await this.keep();
  }

  /** Learns what is stored now; answers whether it could be had. */
  async #read(): Promise<boolean> {
    try {
      this.#take(await this.#store.load(this.document.id));
      return true;
    } catch (thrown) {
      this.fail(thrown);
      return false;
    }
  }

  /** Lets go of everything that is not kept. */
  protected discard() {
    dropRecovered(this.#store.kind, this.document.id);
    this.history.change(this.#stored);
  }

  discardRecovered() {
    this.recovered = false;
    this.#tag = this.#storedTag;
    this.undo();
  }

  /** Changes what is being typed, without a step of its own until {@link accept}. */
  protected amend(next: T) {
    this.history.amend(next);
    this.noteChange();
  }

  /** What has been typed becomes one step. */
  accept() {
    this.history.settle();
  }

  /** Says what a change has brought about; undo takes the change back while it is the last. */
  protected saySo(sentence: string) {
    const after = this.document;
    notices.say({
      sentence,
      undo: () => {
        if (this.document === after) this.undo();
        else notices.say({ sentence: msg.somethingElseHasChangedSince() });
      },
    });
  }

  protected change(next: T) {
    this.history.settle();
    this.history.change(next);
    this.noteChange();
  }

  protected noteChange() {
    this.remember();
    this.changed();
  }

  protected remember() {
    const { kind } = this.#store;
    if (this.isStored) dropRecovered(kind, this.document.id);
    else keepRecovered(kind, this.document.id, { value: this.document, tag: this.#tag });
  }

  protected fail(thrown: unknown) {
    this.failure = sentenceOf(thrown);
    this.faults = thrown instanceof Problem ? thrown.faults : [];
    if (thrown instanceof Problem && thrown.status === 409) this.conflict = thrown.stored as T;
  }

  protected clearFailure() {
    this.failure = undefined;
    this.faults = [];
    this.conflict = undefined;
    this.recovered = false;
  }

  #take({ document, tag }: Stored<T>) {
    this.#stored = document;
    this.#tag = this.#storedTag = tag;
  }
}
