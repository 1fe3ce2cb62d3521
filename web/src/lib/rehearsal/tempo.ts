/** Slowest and fastest, in per cent of the tempo. */
export const SLOWEST = 5;
export const FASTEST = 120;
/** Slower than this nothing is heard: counts would stand alone in long silences, and music is only noise. */
export const SLOWEST_HEARD = 40;
