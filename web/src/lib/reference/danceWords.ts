import type { Dance } from '$lib/api/client';

/** What is asked of whoever dances it, in sentences. */
export function techniqueOf({ technique, travels }: Dance): string[] {
  return [
    travels ? 'Goes round the room: alignments bind.' : 'Stays on the spot: a figure may be begun facing anywhere.',
    HEELS[technique.heelLead] ?? '',
    technique.rises ? 'Rises and falls.' : 'No rise: the knees stay flexed, the head level.',
    technique.sways ? 'The body sways with the swing.' : '',
    technique.contraryMovement ? 'Turns begin with contrary body movement.' : '',
    technique.hipAction ? 'Danced through the hips, over the ball of the foot.' : '',
  ].filter((sentence) => sentence !== '');
}

const HEELS: Record<string, string> = {
  wanted: 'A step forward from lowered takes the heel.',
  allowed: 'A step forward takes the heel or the ball.',
  forbidden: 'A step forward takes the ball: no heel lead.',
};

/** "beat 1", "beat 1 or 3". */
export function startsOn({ startBeats }: Dance) {
  return `beat ${startBeats.toSorted((a, b) => a - b).join(' or ')}`;
}

/** Lengths of the words it is counted in, those that it uses. */
export function lengthsOf({ slow, quick, and, a }: Dance): { word: string; beats: string }[] {
  return [
    { word: 'S', beats: slow },
    { word: 'Q', beats: quick },
    { word: '&', beats: and },
    { word: 'a', beats: a },
  ].filter(({ beats }) => beats !== '');
}

/** "28 bars a minute", "28 to 30 bars a minute". */
export function tempoOf({ slowestBarsPerMinute, fastestBarsPerMinute }: Dance) {
  return `${slowestBarsPerMinute === fastestBarsPerMinute ? slowestBarsPerMinute : `${slowestBarsPerMinute} to ${fastestBarsPerMinute}`} bars a minute`;
}
