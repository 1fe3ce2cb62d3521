import { api, required, type Answer } from '$lib/api/client';
import { stored, type Store } from './EditSession.svelte';

/** How documents of one kind are spoken of to the program, one at a time. */
interface Client<T> {
  GET(path: string, asked: object): Promise<Answer<T>>;
  POST(path: string, asked: object): Promise<Answer<T>>;
  PUT(path: string, asked: object): Promise<Answer<T>>;
  DELETE(path: string, asked: object): Promise<Answer<unknown>>;
}

/** Where documents of one kind are stored that the program keeps as they are. */
export function plainStore<T extends { id: string }>(kind: string, path: `/api/${string}`): Store<T> {
  const client = api as unknown as Client<T>;
  const one = `${path}/{id}`;
  const named = (id: string, tag: string) => ({ path: { id }, header: { 'If-Match': tag } });
  return {
    kind,
    load: async (id) => stored(await client.GET(one, { params: { path: { id } } })),
    create: async (body) => stored(await client.POST(path, { body })),
    replace: async (body, tag) => stored(await client.PUT(one, { params: named(body.id, tag), body })),
    remove: async (id, tag) => {
      required(await client.DELETE(one, { params: named(id, tag) }));
    },
  };
}
