import { api, required, type Routine } from '$lib/api/client';
import type { Store, Stored } from '$lib/ui/Keeper.svelte';

function stored(answer: { data?: Routine; error?: unknown; response: Response }): Stored<Routine> {
  return { document: required(answer), tag: answer.response.headers.get('ETag') ?? '' };
}

export const routineStore: Store<Routine> = {
  kind: 'routine',
  load: async (id) => stored(await api.GET('/api/routines/{id}', { params: { path: { id } } })),
  create: async (body) => stored(await api.POST('/api/routines', { body })),
  replace: async (body, tag) =>
    stored(await api.PUT('/api/routines/{id}', { params: { path: { id: body.id }, header: { 'If-Match': tag } }, body })),
};
