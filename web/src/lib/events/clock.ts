/** Minutes since midnight of a time such as 09:30. */
export function minutesOf(time: string): number {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return hours * 60 + minutes;
}

/** A time such as 09:30 of minutes since midnight. */
export function timeOf(minutes: number): string {
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}

/** A time as people type it: 9:30, 9.30, 930 or 9; undefined where it is none. */
export function readTime(typed: string): string | undefined {
  const [, hours, minutes] = /^(\d{1,2})(?:[:.h ]?(\d{2}))?$/.exec(typed.trim()) ?? [];
  const at = Number(hours) * 60 + Number(minutes ?? 0);
  return Number.isNaN(at) || at > LATEST || Number(minutes ?? 0) > 59 ? undefined : timeOf(at);
}

const LATEST = 24 * 60;

/** What the clock of this device says. */
export function timeNow(): string {
  const now = new Date();
  return timeOf(now.getHours() * 60 + now.getMinutes());
}

/** "13 March 2027" in the form of this browser, or as it stands where it is no date. */
export function dateWords(date: string): string {
  const day = new Date(`${date}T12:00:00`);
  return Number.isNaN(day.getTime()) ? date : day.toLocaleDateString(undefined, { day: 'numeric', month: 'long', year: 'numeric' });
}

/** A, B, C … by which a round is found on the timeline. */
export function letterOf(index: number): string {
  return index < 26 ? String.fromCharCode(65 + index) : String(index + 1);
}
