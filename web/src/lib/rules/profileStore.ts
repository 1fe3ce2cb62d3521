import { api, required, type RuleProfile } from '$lib/api/client';
import { stored, type Store } from '$lib/ui/EditSession.svelte';

export const profileStore: Store<RuleProfile> = {
  kind: 'profile',
  load: async (id) => stored(await api.GET('/api/profiles/{id}', { params: { path: { id } } })),
  create: async (body) => stored(await api.POST('/api/profiles', { body })),
  replace: async (body, tag) => stored(await api.PUT('/api/profiles/{id}', { params: { path: { id: body.id }, header: { 'If-Match': tag } }, body })),
  remove: async (id, tag) => {
    required(await api.DELETE('/api/profiles/{id}', { params: { path: { id }, header: { 'If-Match': tag } } }));
  },
};
