import { today } from '$lib/ui/moment';

const DAYS = 7;

function shifted(day: string, by: number): string {
  const at = new Date(`${day}T12:00`);
  at.setDate(at.getDate() + by);
  return today(at);
}

/** The Monday of the week of a day written 2026-12-02. */
export function mondayOf(day: string): string {
  const weekday = new Date(`${day}T12:00`).getDay();
  return shifted(day, weekday === 0 ? -6 : 1 - weekday);
}

/** The seven days from a Monday on. */
export function daysOf(monday: string): string[] {
  return Array.from({ length: DAYS }, (_, index) => shifted(monday, index));
}

/** The same day so many weeks later. */
export function weeksLater(day: string, weeks: number): string {
  return shifted(day, weeks * DAYS);
}

/** "Wed 2 Dec", in the form of this browser. */
export function dayWords(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString(undefined, { weekday: 'short', day: 'numeric', month: 'short' });
}
