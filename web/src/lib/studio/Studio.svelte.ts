import msg from '$lib/messages/studio';
import { api, Problem, required, sentenceOf, type Backup, type BackupContents, type Deletion, type ImportItem, type ImportPlan, type Restored } from '$lib/api/client';
import { notices } from '$lib/ui/Notices.svelte';

/** What is done with something of a book that is there already and differs. */
export type ImportChoice = 'keep' | 'replace' | 'both';

/** A backup that is to be restored: a stored one by its name, or a file, and what it holds against what is here. */
export interface Wanted {
  from: string | File;
  name: string;
  contents: BackupContents;
}

/** What is kept in the studio as a whole: backups of it, books that come in, and what has been deleted. */
export class Studio {
  backups = $state.raw<Backup[]>();
  deletions = $state.raw<Deletion[]>([]);
  failure = $state<string>();
  busy = $state<string>();
  /** The backup that everything is to be replaced with, while the coach reads what it holds. */
  wanted = $state.raw<Wanted>();
  /** A book that is about to come in, and what is to be done with what is there already. */
  book = $state.raw<{ document: unknown; plan: ImportPlan }>();
  choices = $state<Record<string, ImportChoice>>({});

  get differing(): ImportItem[] {
    return this.book?.plan.items.filter(({ likeness }) => likeness === 'differs') ?? [];
  }

  count(likeness: string) {
    return this.book?.plan.items.filter((item) => item.likeness === likeness).length ?? 0;
  }

  load() {
    return this.#trying(async () => {
      this.backups = required(await api.GET('/api/backups'));
      this.deletions = required(await api.GET('/api/deletions'));
    });
  }

  backUp() {
    return this.#while(msg.creatingABackup(), async () => {
      const made = required(await api.POST('/api/backups'));
      notices.say({ sentence: msg.backupSavedAs({ name: made.name }) });
      await this.load();
    });
  }

  throwAway(name: string) {
    return this.#while(msg.deleting(), async () => {
      required(await api.DELETE('/api/backups/{name}', { params: { path: { name } } }));
      notices.say({ sentence: msg.wasDeleted({ name }) });
      await this.load();
    });
  }

  /** Reads what a backup would bring back, and waits for the coach's word; nothing is changed yet. */
  askToRestore(from: string | File) {
    return this.#while(msg.readingTheBackup(), async () => {
      const contents =
        typeof from === 'string'
          ? required(await api.GET('/api/backups/{name}/contents', { params: { path: { name: from } } }))
          : await sent<BackupContents>('/api/backup-contents', from);
      this.wanted = { from, name: typeof from === 'string' ? from : from.name, contents };
    });
  }

  /** Everything becomes what it was then; what was there is backed up first, so that it can be undone. */
  restore(from: string | File) {
    this.wanted = undefined;
    return this.#while(msg.restoring(), async () => {
      const { before } =
        typeof from === 'string'
          ? required(await api.POST('/api/backups/{name}/restoration', { params: { path: { name: from } } }))
          : await sent<Restored>('/api/restorations', from);
      notices.say({ sentence: msg.everythingWasRestoredFrom({ name: typeof from === 'string' ? from : from.name }), undo: () => this.restore(before) });
      await this.load();
    });
  }

  /** Reads a book and says what would become of it; nothing is stored yet. */
  openBook(file: File) {
    return this.#while(msg.readingTheBook(), async () => {
      const document = await parsed(file);
      const plan = required(await api.POST('/api/import-plans', { body: document as never }));
      this.book = { document, plan };
      this.choices = {};
    });
  }

  choose(item: ImportItem, choice: ImportChoice) {
    this.choices[keyOf(item)] = choice;
  }

  chooseAll(choice: ImportChoice) {
    for (const item of this.differing) this.choose(item, choice);
  }

  chosen(item: ImportItem): ImportChoice {
    return this.choices[keyOf(item)] ?? 'keep';
  }

  takeIn() {
    return this.#while(msg.importing(), async () => {
      const choices = this.differing.map((item) => ({ kind: item.kind, id: item.id, choice: this.chosen(item), revision: item.revision }));
      const taken = required(await api.POST('/api/imports', { body: { book: this.book!.document as never, choices } }));
      notices.say({ sentence: msg.andImported({ title: taken.title, count: taken.figures.length, count2: taken.routines.length }) });
      this.book = undefined;
    });
  }

  leaveBook() {
    this.book = undefined;
  }

  /** Creates again what was deleted, as it was last. */
  bringBack({ kind, id, title }: Deletion) {
    return this.#while(msg.restoring(), async () => {
      const params = { path: { id } };
      if (kind === 'figure') {
        const [last] = required(await api.GET('/api/figures/{id}/versions', { params }));
        required(await api.POST('/api/figures', { body: last!.figure }));
      } else {
        const [last] = required(await api.GET('/api/routines/{id}/versions', { params }));
        required(await api.POST('/api/routines', { body: last!.routine }));
      }
      notices.say({ sentence: msg.wasRestored({ title }) });
      await this.load();
    });
  }

  async #while(what: string, work: () => Promise<void>) {
    this.busy = what;
    await this.#trying(work);
    this.busy = undefined;
  }

  async #trying(work: () => Promise<void>) {
    try {
      this.failure = undefined;
      await work();
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}

function keyOf({ kind, id }: ImportItem) {
  return `${kind}/${id}`;
}

async function sent<T>(address: string, file: File): Promise<T> {
  const response = await fetch(address, { method: 'POST', headers: { 'Content-Type': 'application/zip' }, body: file });
  const body = await response.json();
  return required<T>({ data: body, error: body, response });
}

async function parsed(file: File): Promise<unknown> {
  try {
    return JSON.parse(await file.text());
  } catch {
    throw new Problem(400, msg.isNotABookIt({ name: file.name }));
  }
}
