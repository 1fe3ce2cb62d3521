/** Unsaved work in this browser, so that a reload loses nothing. It remembers the revision it was written against. */
export interface Recovered<T> {
  value: T;
  tag: string;
}

export function keepRecovered<T>(kind: string, id: string, draft: Recovered<T>) {
  localStorage.setItem(`fluidframe/${kind}/${id}`, JSON.stringify(draft));
}

export function findRecovered<T>(kind: string, id: string): Recovered<T> | undefined {
  const text = localStorage.getItem(`fluidframe/${kind}/${id}`);
  return text === null ? undefined : (JSON.parse(text) as Recovered<T>);
}

export function dropRecovered(kind: string, id: string) {
  localStorage.removeItem(`fluidframe/${kind}/${id}`);
}
