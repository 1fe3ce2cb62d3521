import { api, required, type DanceEvent } from '$lib/api/client';
import { stored, type Store } from '$lib/ui/EditSession.svelte';

export const eventStore: Store<DanceEvent> = {
  kind: 'event',
  load: async (id) => stored(await api.GET('/api/events/{id}', { params: { path: { id } } })),
  create: async (body) => stored(await api.POST('/api/events', { body })),
  replace: async (body, tag) => stored(await api.PUT('/api/events/{id}', { params: { path: { id: body.id }, header: { 'If-Match': tag } }, body })),
  remove: async (id, tag) => {
    required(await api.DELETE('/api/events/{id}', { params: { path: { id }, header: { 'If-Match': tag } } }));
  },
};
