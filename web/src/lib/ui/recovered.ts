import msg from '$lib/messages/ui';
import { notices } from './Notices.svelte';

/** Unsaved work in this browser, so that a reload loses nothing. It remembers the revision it was written against. */
export interface Recovered<T> {
  value: T;
  tag: string;
}

const placeOf = (kind: string, id: string) => `fluidframe/${kind}/${id}`;

export function keepRecovered<T>(kind: string, id: string, draft: Recovered<T>) {
  try {
    localStorage.setItem(placeOf(kind, id), JSON.stringify(draft));
  } catch {
    notices.say({ sentence: msg.thisBrowserHasNoRoom(), failed: true });
  }
}

/** Nothing where there is none, or none that can be read. */
export function findRecovered<T>(kind: string, id: string): Recovered<T> | undefined {
  const text = localStorage.getItem(placeOf(kind, id));
  if (text === null) return undefined;
  try {
    return JSON.parse(text) as Recovered<T>;
  } catch {
    dropRecovered(kind, id);
    return undefined;
  }
}

export function dropRecovered(kind: string, id: string) {
  localStorage.removeItem(placeOf(kind, id));
}
