import { api, required, sentenceOf, type PostureReading, type PostureSheet, type PostureTerm } from '$lib/api/client';
import { EditSession, opened } from '$lib/ui/EditSession.svelte';
import { Latest } from '$lib/ui/Latest';
import { plainStore } from '$lib/ui/plainStore';

const store = plainStore<PostureSheet>('posture', '/api/postures');

/** Heights for which sheets are drawn at first, metres. */
export const USUAL = { man: 1.78, lady: 1.68 };

interface Question {
  sheet: PostureSheet;
  man: number;
  lady: number;
}

/** A sheet of posture and hold under work, as it reads and is drawn for two of some heights. */
export class PostureDesk extends EditSession<PostureSheet> {
  reading = $state.raw<PostureReading>();
  terms = $state.raw<PostureTerm[]>([]);
  /** Heights of the two, metres. */
  man = $state(USUAL.man);
  lady = $state(USUAL.lady);
  #latest = new Latest<Question>((question) => this.#read(question));

  static async open(id: string): Promise<PostureDesk> {
    const desk = new PostureDesk(store, await opened(store, id));
    desk.terms = required(await api.GET('/api/postures/terms'));
    await desk.look();
    return desk;
  }

  get sheet(): PostureSheet {
    return this.document;
  }

  /** What may stand in a cell. */
  options(cell: string) {
    return this.terms.filter((term) => term.cell === cell).map((term) => ({ value: term.shorthand, label: term.wording }));
  }

  set(change: Partial<PostureSheet>) {
    this.change({ ...this.sheet, ...change });
  }

  stand(part: 'man' | 'lady', cell: string, value: string | number) {
    this.set({ [part]: { ...this.sheet[part], [cell]: value } });
  }

  join(cell: string, value: string | number) {
    this.set({ frame: { ...this.sheet.frame, [cell]: value } });
  }

  /** Draws the two for other heights. */
  grow(heights: { man?: number; lady?: number }) {
    this.man = heights.man ?? this.man;
    this.lady = heights.lady ?? this.lady;
    void this.look();
  }

  look(): Promise<void> {
    return this.#latest.ask({ sheet: this.sheet, man: this.man, lady: this.lady });
  }

  protected changed() {
    void this.look();
  }

  /** What is kept is asked for by its name, so that it is there without a network too. */
  #kept({ sheet: { id }, man, lady }: Question) {
    return api.GET('/api/postures/{id}/reading', { params: { path: { id }, query: { man, lady } } });
  }

  async #read(question: Question) {
    try {
      this.reading = required(this.isKept ? await this.#kept(question) : await api.POST('/api/postures/readings', { body: question }));
      if (!this.conflict) this.clearFailure();
    } catch (thrown) {
      this.failure = sentenceOf(thrown);
    }
  }
}
