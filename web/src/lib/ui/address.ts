/** The query of an address with some of it changed; an empty text takes a key out. */
export function changedQuery(query: URLSearchParams, change: Record<string, string>): string {
  const next = new URLSearchParams(query);
  for (const [key, text] of Object.entries(change)) {
    if (text === '') next.delete(key);
    else next.set(key, text);
  }
  return next.toString();
}
