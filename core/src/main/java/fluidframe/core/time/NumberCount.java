package fluidframe.core.time;

import java.util.ArrayList;
import java.util.List;

/** Counts in numbers: each digit is that beat of the bar, going on into the next bar after the last. */
final class NumberCount {

    private final Rhythm rhythm;
    private final List<CountToken> tokens;

    NumberCount(Rhythm rhythm, Count count) {
        this.rhythm = rhythm;
        this.tokens = count.tokens();
    }

    Timing lay(Beats figureLength) {
        if (!(tokens.get(0) instanceof CountToken.Numbered first)) {
            throw new CountException(0, TimeSentences.aCountInNumbersBeginsWith());
        }
        List<Beats> onsets = new ArrayList<>();
        int beat = -1;
        for (int i = 0; i < tokens.size(); i++) {
            CountToken token = tokens.get(i);
            if (token instanceof CountToken.Numbered numbered) {
                beat = next(beat, numbered.beats().get(0), i);
                onsets.add(Beats.of(beat));
                for (int tied : numbered.beats().subList(1, numbered.beats().size())) {
                    int then = next(beat, tied, i);
                    if (then != beat + 1) {
                        throw new CountException(i, TimeSentences.aTieRunsOverNeighbouringBeats(token));
                    }
                    beat = then;
                }
            } else if (token instanceof CountToken.Held) {
                onsets.add(Beats.of(++beat));
            } else {
                onsets.add(Beats.of(beat).plus(within(token, i)));
            }
            if (i > 0 && onsets.get(i).compareTo(onsets.get(i - 1)) <= 0) {
                throw new CountException(i, TimeSentences.comesNoLaterThanTheMark(token));
            }
        }
        Beats start = onsets.get(0);
        List<Beats> fromStart = onsets.stream().map(onset -> onset.minus(start)).toList();
        return new Timing(rhythm, rhythm.withinBar(start), Timing.slots(tokens, fromStart, figureLength), figureLength);
    }

    private int next(int beat, int digit, int index) {
        if (digit > rhythm.beatsPerBar()) {
            int countedOn = digit - 1;
            if (beat < 0 || countedOn <= beat) {
                throw new CountException(index, TimeSentences.beatDoesNotComeNextA(digit, rhythm.beatsPerBar()));
            }
            return countedOn;
        }
        int candidate = beat + 1;
        while (candidate % rhythm.beatsPerBar() != digit - 1) {
            candidate++;
        }
        return candidate;
    }

    private Beats within(CountToken token, int index) {
        boolean more = index + 1 < tokens.size();
        if (token instanceof CountToken.And) {
            return more && tokens.get(index + 1) instanceof CountToken.A
                    ? rhythm.feel().andBeforeA()
                    : Beats.HALF;
        }
        boolean early = more && tokens.get(index + 1) instanceof CountToken.And;
        return early ? Beats.QUARTER : rhythm.feel().lateA();
    }

    static Count say(Timing timing) {
        Rhythm rhythm = timing.rhythm();
        List<CountToken> said = new ArrayList<>();
        for (int i = 0; i < timing.slots().size(); i++) {
            Slot slot = timing.slots().get(i);
            Beats onset = timing.start().plus(slot.onset());
            boolean bracketed = slot.token().bracketed();
            if (slot.token() instanceof CountToken.Held) {
                said.add(slot.token());
            } else if (onset.fraction().equals(Beats.ZERO)) {
                said.add(new CountToken.Numbered(tie(rhythm, onset, slot.length()), bracketed));
            } else {
                said.add(between(timing, i, onset, bracketed));
            }
        }
        Count count = new Count(said);
        requireSame(timing, count);
        return count;
    }

    private static List<Integer> tie(Rhythm rhythm, Beats onset, Beats length) {
        List<Integer> beats = new ArrayList<>();
        beats.add(rhythm.beatOfBar(onset));
        Beats end = onset.plus(length);
        for (Beats beat = onset.plus(Beats.ONE); beat.compareTo(end) < 0; beat = beat.plus(Beats.ONE)) {
            beats.add(rhythm.beatOfBar(beat));
        }
        return beats;
    }

    private static CountToken between(Timing timing, int index, Beats onset, boolean bracketed) {
        Feel feel = timing.rhythm().feel();
        Beats within = onset.fraction();
        if (within.equals(Beats.HALF) || within.equals(feel.andBeforeA())) {
            return new CountToken.And(bracketed);
        }
        if (within.equals(feel.lateA()) || within.equals(Beats.QUARTER)) {
            return new CountToken.A(bracketed);
        }
        throw new CountException(index, TimeSentences.aStepOfABeatAfter(within));
    }

    /**
     * Saying and reading back must agree: a mark can be nameable alone and still be read otherwise beside its
     * neighbours.
     */
    private static void requireSame(Timing timing, Count count) {
        Timing back = Timing.of(timing.rhythm(), count, timing.length());
        for (int i = 0; i < timing.slots().size(); i++) {
            if (!back.slots().get(i).onset().equals(timing.slots().get(i).onset())) {
                throw new CountException(
                        i,
                        TimeSentences.numbersWouldPutThisStepBeats(
                                back.slots().get(i).onset(),
                                timing.slots().get(i).onset()));
            }
        }
    }
}
