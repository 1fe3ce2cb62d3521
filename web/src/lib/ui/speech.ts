const PLACE = 'fluidframe/titles';

/** In which words this browser is spoken to, from when a page is opened: "man-lady" or "leader-follower". */
export const speech = { titles: globalThis.localStorage?.getItem(PLACE) ?? 'man-lady' };

/** The program answers in these words; a cookie goes with pictures and files as well. */
export function tell(titles: string): void {
  document.cookie = `titles=${titles}; path=/; max-age=31536000; SameSite=Strict`;
}

/** What is on the page already was said in the other words, so it is opened again. */
export function speakOf(titles: string): void {
  localStorage.setItem(PLACE, titles);
  tell(titles);
  location.reload();
}
