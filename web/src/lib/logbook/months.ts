/** The first days of the months between two days, written 2026-11-01; at most three years of them. */
export function monthsBetween(first: string, last: string): string[] {
  const found: string[] = [];
  const at = new Date(`${first.slice(0, 7)}-01T12:00Z`);
  for (let i = 0; i < 36; i++) {
    at.setUTCMonth(at.getUTCMonth() + 1);
    const month = at.toISOString().slice(0, 10);
    if (month > last) break;
    found.push(month);
  }
  return found;
}

/** "Nov" of a month such as 2026-11; "Nov 26" with its year. */
export function monthWords(month: string, year = false): string {
  const day = new Date(`${month.slice(0, 7)}-15T12:00Z`);
  return day.toLocaleDateString(undefined, { month: 'short', year: year ? '2-digit' : undefined, timeZone: 'UTC' });
}
