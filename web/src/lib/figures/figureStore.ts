import { api, required, type Figure } from '$lib/api/client';
import { stored, type Store } from '$lib/ui/EditSession.svelte';

export const figureStore: Store<Figure> = {
  kind: 'figure',
  load: async (id) => stored(await api.GET('/api/figures/{id}', { params: { path: { id } } })),
  create: async (body) => stored(await api.POST('/api/figures', { body })),
  replace: async (body, tag) => stored(await api.PUT('/api/figures/{id}', { params: { path: { id: body.id }, header: { 'If-Match': tag } }, body })),
  remove: async (id, tag) => {
    required(await api.DELETE('/api/figures/{id}', { params: { path: { id }, header: { 'If-Match': tag } } }));
  },
};
