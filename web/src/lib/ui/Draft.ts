/** Unsaved work in this browser, so that a reload loses nothing. It remembers the revision it was written against. */
export interface Draft<T> {
  value: T;
  tag: string;
}

export function keepDraft<T>(kind: string, id: string, draft: Draft<T>) {
  localStorage.setItem(`fluidframe/${kind}/${id}`, JSON.stringify(draft));
}

export function findDraft<T>(kind: string, id: string): Draft<T> | undefined {
  const text = localStorage.getItem(`fluidframe/${kind}/${id}`);
  return text === null ? undefined : (JSON.parse(text) as Draft<T>);
}

export function dropDraft(kind: string, id: string) {
  localStorage.removeItem(`fluidframe/${kind}/${id}`);
}
