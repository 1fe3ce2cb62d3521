import { api, type Lesson } from '$lib/api/client';
import { USUAL } from '$lib/postures/PostureDesk.svelte';
import { settings } from '$lib/ui/settings.svelte';
import { speech } from '$lib/ui/speech';
import { unique } from '$lib/ui/unique';
import { layingBy } from './layBy';
import { figuresOf } from './subject';

const AT_ONCE = 4;

/** Reads everything that the lessons of a day need, so that it is there without a network. */
export class Preparing {
  done = $state(0);
  all = $state(0);
  /** How much of it could not be read. */
  missing = $state(0);

  get isReady(): boolean {
    return this.all > 0 && this.done === this.all && this.missing === 0;
  }

  /**
   * @param zone as the page of today asks for it
   */
  async prepare(lessons: Lesson[], dances: string[], zone: string) {
    await layingBy();
    const routines = unique(lessons.flatMap((lesson) => (lesson.routine ? [lesson.routine] : [])));
    const figures = lessons.flatMap((lesson) => lesson.parts.flatMap((part) => (part.subject ? figuresOf(part.subject) : [])));
    const reads: (() => Promise<unknown>)[] = [
      () => api.GET('/api/today', { params: { query: { zone } } }),
      () => api.GET('/api/couples'),
      () => api.GET('/api/dances'),
      () => api.GET('/api/notation'),
      () => api.GET('/api/postures/terms'),
      ...dances.map((dance) => () => api.GET('/api/figures', { params: { query: { dance } } })),
    ];
    for (const lesson of lessons) {
      const params = { path: { id: lesson.id } };
      reads.push(
        () => api.GET('/api/lessons/{id}', { params }),
        () => api.GET('/api/lessons/{id}/notes', { params }),
        () => api.GET('/api/today', { params: { query: { couple: lesson.couple } } }),
      );
    }
    this.done = this.missing = 0;
    this.all = reads.length + routines.length;
    const sheets = await api.GET('/api/postures', { params: { query: {} } }).catch(() => undefined);
    for (const { id, dances: those } of sheets?.data ?? []) {
      if (!dances.some((dance) => those.includes(dance))) continue;
      const path = { id };
      reads.push(
        () => api.GET('/api/postures/{id}', { params: { path } }),
        () => api.GET('/api/postures/{id}/reading', { params: { path, query: USUAL } }),
      );
    }
    for (const id of routines) {
      const answer = await api.GET('/api/routines/{id}', { params: { path: { id } } }).catch(() => undefined);
      this.#count(answer?.response.ok ?? false);
      answer?.data?.placements.forEach(({ figure }) => figure && figures.push(figure));
      reads.push(() => api.GET('/api/routines/{id}/score', { params: { path: { id } } }));
      reads.push(() => api.GET('/api/routines/{id}/legend', { params: { path: { id }, query: { footwork: settings.footwork } } }));
    }
    for (const id of unique(figures)) {
      reads.push(
        () => api.GET('/api/figures/{id}', { params: { path: { id } } }),
        () => api.GET('/api/figures/{id}/cards', { params: { path: { id }, query: { titles: speech.titles, footwork: settings.footwork } } }),
      );
    }
    this.all = reads.length + routines.length;
    await Promise.all(Array.from({ length: AT_ONCE }, () => this.#work(reads)));
  }

  async #work(reads: (() => Promise<unknown>)[]) {
    for (let read = reads.shift(); read; read = reads.shift()) {
      const answer = (await read().catch(() => undefined)) as { response?: Response } | undefined;
      this.#count(answer?.response?.ok ?? false);
    }
  }

  #count(well: boolean) {
    this.done++;
    if (!well) this.missing++;
  }
}
