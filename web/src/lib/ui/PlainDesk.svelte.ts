import { EditSession, opened, type Store } from './EditSession.svelte';

/** A plain document under work: nothing is computed of it. */
export class PlainDesk<T extends { id: string; title: string }> extends EditSession<T> {
  static async open<T extends { id: string; title: string }>(store: Store<T>, id: string): Promise<PlainDesk<T>> {
    return new PlainDesk(store, await opened(store, id));
  }

  get value(): T {
    return this.document;
  }

  protected changed() {}

  /** Changes some of it. */
  set(change: Partial<T>) {
    this.change({ ...this.document, ...change });
  }

  /** Changes what is being typed, without a step of its own until it is accepted. */
  type(change: Partial<T>) {
    this.amend({ ...this.document, ...change });
  }
}
