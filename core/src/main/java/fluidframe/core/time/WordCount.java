package fluidframe.core.time;

import java.util.ArrayList;
import java.util.List;

/** Counts in words: each word gives a length; {@code &} and {@code a} take theirs from the word before them. */
final class WordCount {

    /** More words than this in a row are said one after another. */
    private static final int MOST_TIED = 2;

    private final Rhythm rhythm;
    private final List<CountToken> tokens;

    WordCount(Rhythm rhythm, Count count) {
        this.rhythm = rhythm;
        this.tokens = count.tokens();
    }

    Timing lay() {
        Beats[] lengths = new Beats[tokens.size()];
        int word = -1;
        for (int i = 0; i < tokens.size(); i++) {
            CountToken token = tokens.get(i);
            if (token instanceof CountToken.Worded worded) {
                word = i;
                lengths[i] = length(worded, i);
            } else if (token instanceof CountToken.Held) {
                lengths[i] = Beats.ONE;
            } else {
                if (word < 0) {
                    throw new CountException(i, TimeSentences.takesItsTimeFromTheWord(token));
                }
                lengths[i] = token instanceof CountToken.And
                        ? rhythm.and()
                        : rhythm.feel().a();
                lengths[word] = lengths[word].minus(lengths[i]);
                if (!lengths[word].isPositive()) {
                    throw new CountException(i, TimeSentences.leavesNothingOfTheBeforeIt(token, tokens.get(word)));
                }
            }
        }
        List<Beats> onsets = new ArrayList<>();
        Beats at = Beats.ZERO;
        for (Beats length : lengths) {
            onsets.add(at);
            at = at.plus(length);
        }
        Beats start = Beats.of(rhythm.startBeats().first() - 1);
        return new Timing(rhythm, start, Timing.slots(tokens, onsets, at), at);
    }

    private Beats length(CountToken.Worded worded, int index) {
        Beats sum = Beats.ZERO;
        for (Word word : worded.words()) {
            sum = sum.plus(rhythm.lengthOf(word)
                    .orElseThrow(() -> new CountException(index, TimeSentences.thisDanceDoesNotCountIn(word))));
        }
        return sum;
    }

    static Count say(Timing timing) {
        Rhythm rhythm = timing.rhythm();
        if (rhythm.slow().isEmpty() && rhythm.quick().isEmpty()) {
            throw new CountException(0, TimeSentences.thisDanceDoesNotCountInSlows());
        }
        List<CountToken> said = new ArrayList<>();
        if (!sayFrom(timing, 0, said)) {
            throw new CountException(0, TimeSentences.theseLengthsCannotBeMadeOf());
        }
        return new Count(said);
    }

    private static boolean sayFrom(Timing timing, int index, List<CountToken> said) {
        List<Slot> slots = timing.slots();
        if (index == slots.size()) {
            return true;
        }
        Slot slot = slots.get(index);
        if (slot.token() instanceof CountToken.Held && slot.length().equals(Beats.ONE)) {
            return sayAlso(timing, index, said, new CountToken.Held());
        }
        Beats taken = Beats.ZERO;
        List<CountToken> small = new ArrayList<>();
        for (int next = index; next < slots.size(); next++) {
            if (next > index) {
                Slot part = slots.get(next);
                boolean bracketed = part.token().bracketed();
                if (part.length().equals(timing.rhythm().and())) {
                    small.add(new CountToken.And(bracketed));
                } else if (part.length().equals(timing.rhythm().feel().a())) {
                    small.add(new CountToken.A(bracketed));
                } else {
                    return false;
                }
                taken = taken.plus(part.length());
            }
            List<Word> words = words(timing.rhythm(), slot.length().plus(taken));
            if (!words.isEmpty()) {
                int size = said.size();
                said.add(new CountToken.Worded(words, slot.token().bracketed()));
                said.addAll(small);
                if (sayFrom(timing, next + 1, said)) {
                    return true;
                }
                said.subList(size, said.size()).clear();
            }
        }
        return false;
    }

    private static boolean sayAlso(Timing timing, int index, List<CountToken> said, CountToken token) {
        said.add(token);
        if (sayFrom(timing, index + 1, said)) {
            return true;
        }
        said.remove(said.size() - 1);
        return false;
    }

    private static List<Word> words(Rhythm rhythm, Beats length) {
        List<Word> words = new ArrayList<>();
        Beats rest = length;
        for (Word word : Word.values()) {
            Beats each = rhythm.lengthOf(word).orElse(null);
            while (each != null && each.compareTo(rest) <= 0) {
                words.add(word);
                rest = rest.minus(each);
            }
        }
        return rest.equals(Beats.ZERO) && words.size() <= MOST_TIED ? words : List.of();
    }
}
