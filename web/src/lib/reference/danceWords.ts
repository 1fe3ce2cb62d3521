import msg from '$lib/messages/dances';
import type { Dance } from '$lib/api/client';

/** What is asked of whoever dances it, in sentences. */
export function techniqueOf({ technique, travels }: Dance): string[] {
  return [
    travels ? msg.travelsRoundTheRoomAlignments() : msg.staysOnTheSpotA(),
    HEELS[technique.heelLead] ?? '',
    technique.rises ? msg.risesAndFalls() : msg.noRiseTheKneesStay(),
    technique.sways ? msg.theBodySwaysWithThe() : '',
    technique.contraryMovement ? msg.turnsBeginWithContraryBody() : '',
    technique.hipAction ? msg.dancedThroughTheHipsOver() : '',
  ].filter((sentence) => sentence !== '');
}

const HEELS: Record<string, string> = {
  wanted: msg.aStepForwardFromLowered(),
  allowed: msg.aStepForwardTakesThe2(),
  forbidden: msg.aStepForwardTakesThe(),
};

/** "beat 1", "beat 1 or 3". */
export function startsOn({ startBeats }: Dance) {
  return msg.startBeats({ beats: startBeats.toSorted((a, b) => a - b).join(' or ') });
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
  return slowestBarsPerMinute === fastestBarsPerMinute
    ? msg.tempoInBars({ tempo: slowestBarsPerMinute })
    : msg.tempoRange({ slowest: slowestBarsPerMinute, fastest: fastestBarsPerMinute });
}

/** What is said beside a tempo that the studio does not have for its dance. */
export function tempoOutsideOf({ slowestBarsPerMinute, fastestBarsPerMinute }: Pick<Dance, 'slowestBarsPerMinute' | 'fastestBarsPerMinute'>) {
  return slowestBarsPerMinute === fastestBarsPerMinute
    ? msg.notTheUsualTempo({ tempo: slowestBarsPerMinute })
    : msg.outsideTheTempoRange({ slowest: slowestBarsPerMinute, fastest: fastestBarsPerMinute });
}
