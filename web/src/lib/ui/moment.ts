import msg from '$lib/messages/ui';
/** "12 May 2026, 18:30", of a moment as the program writes it. */
export function momentOf(text: string): string {
  return new Date(text).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
}

/** "12 May 2026", of such a moment. */
export function dayOf(text: string): string {
  return new Date(text).toLocaleDateString(undefined, { dateStyle: 'medium' });
}

export const DAY_MILLISECONDS = 86_400_000;

/** "2026-11-26", as it is here today. */
export function today(now = new Date()): string {
  return [now.getFullYear(), String(now.getMonth() + 1).padStart(2, '0'), String(now.getDate()).padStart(2, '0')].join('-');
}

/** "today", "5 days ago", "8 months ago", of a day written 2026-11-26; "never" of none. */
export function ageOf(day: string, now = new Date()): string {
  if (day === '') {
    return msg.never();
  }
  const days = Math.round((Date.parse(today(now)) - Date.parse(day)) / DAY_MILLISECONDS);
  if (days < 1) {
    return msg.today();
  }
  if (days < 60) {
    return msg.daysAgo({ days });
  }
  return days < 730 ? msg.monthsAgo({ months: Math.round(days / 30.4) }) : msg.yearsAgo({ years: Math.round(days / 365.25) });
}
