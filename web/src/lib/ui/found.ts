import { api, required } from '$lib/api/client';
import type { Store, Stored } from './EditSession.svelte';

/** What is stored under an id, or nothing; whether there is anything is asked first, so that nothing is asked for in vain. */
export async function found<T>(store: Store<T>, id: string): Promise<Stored<T> | undefined> {
  const { taken } = required(await api.GET('/api/taken-ids', { params: { query: { kind: store.kind, id } } }));
  return taken ? store.load(id) : undefined;
}
