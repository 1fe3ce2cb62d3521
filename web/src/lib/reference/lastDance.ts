const LAST_DANCE = 'fluidframe/last-dance';

/** The dance that was looked at last in this browser; none before there was any. */
export const lastDance = () => localStorage.getItem(LAST_DANCE);

export function rememberDance(dance: string) {
  localStorage.setItem(LAST_DANCE, dance);
}
