import msg from '$lib/messages/routines';
import { api, required, type Routine } from '$lib/api/client';
import { keepRecovered } from '$lib/ui/recovered';
import { stored, type Store } from '$lib/ui/EditSession.svelte';

/** Begins a copy of a routine as unkept work in this browser, and answers its id. */
export function copyOf(routine: Routine): string {
  const id = `${routine.id.slice(0, 100)}-${Date.now().toString(36)}`;
  keepRecovered(routineStore.kind, id, { value: { ...routine, id, title: msg.copy({ title: routine.title }) }, tag: '' });
  return id;
}

export const routineStore: Store<Routine> = {
  kind: 'routine',
  load: async (id) => stored(await api.GET('/api/routines/{id}', { params: { path: { id } } })),
  create: async (body) => stored(await api.POST('/api/routines', { body })),
  replace: async (body, tag) => stored(await api.PUT('/api/routines/{id}', { params: { path: { id: body.id }, header: { 'If-Match': tag } }, body })),
  remove: async (id, tag) => {
    required(await api.DELETE('/api/routines/{id}', { params: { path: { id }, header: { 'If-Match': tag } } }));
  },
};
