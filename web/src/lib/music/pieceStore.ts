import { api, required, type Piece } from '$lib/api/client';
import { stored, type Store } from '$lib/ui/EditSession.svelte';

export const pieceStore: Store<Piece> = {
  kind: 'piece',
  load: async (id) => stored(await api.GET('/api/pieces/{id}', { params: { path: { id } } })),
  create: async (body) => stored(await api.POST('/api/pieces', { body })),
  replace: async (body, tag) => stored(await api.PUT('/api/pieces/{id}', { params: { path: { id: body.id }, header: { 'If-Match': tag } }, body })),
  remove: async (id, tag) => {
    required(await api.DELETE('/api/pieces/{id}', { params: { path: { id }, header: { 'If-Match': tag } } }));
  },
};
