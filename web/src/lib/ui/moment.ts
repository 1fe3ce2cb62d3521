/** "12 May 2026, 18:30", of a moment as the program writes it. */
export function momentOf(text: string): string {
  return new Date(text).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
}
