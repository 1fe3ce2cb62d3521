import { api, required, type Routine } from '$lib/api/client';
import { reference } from '$lib/reference/reference.svelte';
import { idOf } from '$lib/ui/idOf';

/** Stores a new routine in a tempo in which its dance is danced, under an id made of its title; the id. */
export async function createRoutine(routine: Pick<Routine, 'title' | 'dance' | 'placements'> & Partial<Routine>): Promise<string> {
  await reference.load();
  const there = required(await api.GET('/api/routines')).map(({ id }) => id);
  const tempo = reference.dance(routine.dance)?.slowestBarsPerMinute ?? 30;
  return required(await api.POST('/api/routines', { body: { tempo, ...routine, id: idOf(routine.title, 'routine', there) } })).id;
}
