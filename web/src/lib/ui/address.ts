/** The query of an address with some of it changed; an empty text takes a key out. */
export function changedQuery(query: URLSearchParams, change: Record<string, string>): string {
  const next = new URLSearchParams(query);
  for (const [key, text] of Object.entries(change)) {
    if (text === '') next.delete(key);
    else next.set(key, text);
  }
  return next.toString();
}

/** The answers of an address's query: what it says of each name. */
export function asked(querystring: string | undefined): Record<string, string | undefined> {
  return Object.fromEntries(new URLSearchParams(querystring ?? ''));
}

/** A query that says just this. */
export function queryOf(answers: Record<string, string>): string {
  return new URLSearchParams(answers).toString();
}
