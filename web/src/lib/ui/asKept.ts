import { required, type Answer } from '$lib/api/client';
import type { Store, Stored } from './EditSession.svelte';
import { findRecovered } from './recovered';

/**
 * What the program works out of a document as it is kept, asked for beside the document, with the tag of the revision it was worked out of. None where unkept work
 * on it is found in this browser, or there is no answer: then it is asked for by the document.
 */
export async function asKept<D, T>({ kind }: Store<D>, id: string, ask: () => Promise<Answer<T>>): Promise<Stored<T> | undefined> {
  if (findRecovered(kind, id)) return undefined;
  const answer = await ask().catch(() => undefined);
  return answer?.response.ok ? { document: required(answer), tag: answer.response.headers.get('Based-On') ?? '' } : undefined;
}
