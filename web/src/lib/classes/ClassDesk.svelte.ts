import { api, required, sentenceOf, type ClassSummary, type FigureSummary, type KeptClass } from '$lib/api/client';
import { limits } from '$lib/api/limits';
import msg from '$lib/messages/classes';
import { idOf } from '$lib/ui/idOf';
import { today } from '$lib/ui/moment';
import { notices } from '$lib/ui/Notices.svelte';
import { plainStore } from '$lib/ui/plainStore';
import type { ClassRun, Wish } from './ClassRun.svelte';
import type { PartnerBoard } from './PartnerBoard.svelte';

const store = plainStore<KeptClass>('class', '/api/classes');

/** The classes that are saved, the one that is open, and the figures one can be about. */
export class ClassDesk {
  saved = $state.raw<ClassSummary[]>([]);
  opened = $state.raw<{ id: string; tag: string }>();
  figures = $state.raw<FigureSummary[]>([]);
  failure = $state<string>();

  constructor(
    private readonly run: ClassRun,
    private readonly board: PartnerBoard,
  ) {
    void this.#try(() => this.#list());
  }

  titleOf(figure: string): string {
    return this.figures.find(({ id }) => id === figure)?.title ?? figure;
  }

  loadFigures(dance: string) {
    return this.#try(async () => {
      this.figures = required(await api.GET('/api/figures', { params: { query: { dance } } }));
    });
  }

  /**
   * A saved class is shown as it was saved, with who came.
   *
   * @param goTo told what it is about, and the dance of its figures if it has any
   */
  open(id: string, goTo: (wish: KeptClass['wish'], dance: string | undefined) => Promise<void>) {
    return this.#try(async () => {
      const { document, tag } = await store.load(id);
      const { wish, parts, roll } = document;
      await goTo(wish, await danceOf(wish.figures));
      await this.run.ask({ ...wish, known: [] });
      this.run.show(parts);
      this.opened = { id, tag };
      if (roll) {
        const { men = '', ladies = '', either = '', together = '', apart = '', danced, done } = roll;
        this.board.goOn({ roll: { men, ladies, either, together, apart }, danced, done });
      }
    });
  }

  save({ figures, level, minutes, men, ladies }: Wish) {
    return this.#try(async () => {
      const { plan } = this.run;
      if (!plan) return;
      const { roll, danced, done } = this.board.kept;
      const taken = this.saved.map((each) => each.id);
      const document: KeptClass = {
        id: this.opened?.id ?? idOf(plan.title, 'class', taken),
        title: plan.title.slice(0, limits.Class.title.maxlength),
        date: today(),
        wish: { figures, level, minutes, men, ladies },
        parts: plan.parts,
        roll: { ...roll, danced, done },
      };
      const stored = this.opened ? await store.replace(document, this.opened.tag) : await store.create(document);
      this.opened = { id: document.id, tag: stored.tag };
      notices.say({ sentence: msg.saved({ title: document.title }) });
      await this.#list();
    });
  }

  delete() {
    return this.#try(async () => {
      if (!this.opened) return;
      await store.remove(this.opened.id, this.opened.tag);
      this.opened = undefined;
      await this.#list();
    });
  }

  async #list() {
    this.saved = required(await api.GET('/api/classes'));
  }

  async #try(doing: () => Promise<void>) {
    try {
      await doing();
      this.failure = undefined;
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}

/** A class is about figures of one dance. */
async function danceOf([id]: string[]): Promise<string | undefined> {
  return id === undefined ? undefined : required(await api.GET('/api/figures/{id}', { params: { path: { id } } })).dance;
}
