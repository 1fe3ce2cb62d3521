package fluidframe.core.time;

import java.util.ArrayList;
import java.util.List;

/**
 * What a count means in a dance: when each mark falls and how long it lasts.
 *
 * @param rhythm the dance's rhythm
 * @param start where in the bar the first mark falls, from zero
 * @param slots one for each mark
 * @param length beats from the first mark to the end
 */
public record Timing(Rhythm rhythm, Beats start, List<Slot> slots, Beats length) {

    public Timing {
        slots = List.copyOf(slots);
    }

    /**
     * Lays a count on the beat. Numbers give onsets, and the last step lasts to the end of the figure; words give
     * lengths, and the count is as long as they add up to.
     *
     * @param figureLength how long the figure lasts; only used by counts in numbers
     * @throws CountException if the count mixes words and numbers, begins inside a beat, or uses a word or a beat that
     *     the dance does not have
     */
    public static Timing of(Rhythm rhythm, Count count, Beats figureLength) {
        boolean numbers = count.tokens().stream().anyMatch(CountToken.Numbered.class::isInstance);
        boolean words = count.tokens().stream().anyMatch(CountToken.Worded.class::isInstance);
        if (numbers && words) {
            throw new CountException(firstOfOtherKind(count), TimeSentences.aCountIsEitherInWords());
        }
        if (count.tokens().isEmpty() || !numbers && !words) {
            throw new CountException(0, TimeSentences.aCountBeginsWithABeat());
        }
        return numbers ? new NumberCount(rhythm, count).lay(figureLength) : new WordCount(rhythm, count).lay();
    }

    /** The first mark of the kind that is in the minority, or of the kind that comes second. */
    private static int firstOfOtherKind(Count count) {
        long numbers = count.tokens().stream()
                .filter(CountToken.Numbered.class::isInstance)
                .count();
        long words = count.tokens().stream()
                .filter(CountToken.Worded.class::isInstance)
                .count();
        boolean beginsWithNumber = count.tokens().stream()
                        .filter(token -> token instanceof CountToken.Numbered || token instanceof CountToken.Worded)
                        .findFirst()
                        .orElseThrow()
                instanceof CountToken.Numbered;
        boolean numbersFirst = numbers == words ? beginsWithNumber : numbers > words;
        for (int i = 0; i < count.tokens().size(); i++) {
            CountToken token = count.tokens().get(i);
            if (numbersFirst ? token instanceof CountToken.Worded : token instanceof CountToken.Numbered) {
                return i;
            }
        }
        throw new IllegalStateException("both kinds were seen");
    }

    static List<Slot> slots(List<CountToken> tokens, List<Beats> onsets, Beats end) {
        List<Slot> slots = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            Beats until = i + 1 < tokens.size() ? onsets.get(i + 1) : end;
            slots.add(new Slot(tokens.get(i), onsets.get(i), until.minus(onsets.get(i))));
        }
        return slots;
    }

    /**
     * The count that puts marks at these points, in the same form as this one.
     *
     * @param tokens what is counted, for brackets and holds
     * @param onsets beats from the start, one for each mark
     * @param end beats from the start to the end
     * @throws CountException where a point has no name in that form
     */
    public Count resaid(List<CountToken> tokens, List<Beats> onsets, Beats end) {
        Timing moved = new Timing(rhythm, start, slots(tokens, onsets, end), end);
        return inWords() ? moved.sayInWords() : moved.inNumbers();
    }

    public boolean inWords() {
        return slots.stream().anyMatch(slot -> slot.token() instanceof CountToken.Worded);
    }

    public Count count() {
        return new Count(slots.stream().map(Slot::token).toList());
    }

    /** The same timing begun elsewhere in the bar; only words, which name no beat, can be moved. */
    public Timing startingAt(Beats withinBar) {
        return new Timing(rhythm, withinBar, slots, length);
    }

    /**
     * The same timing said in numbers.
     *
     * @throws CountException where a step falls on a point of the beat that has no number, &amp; or a
     */
    public Count inNumbers() {
        return NumberCount.say(this);
    }

    /**
     * The same timing said in slows and quicks.
     *
     * @throws CountException where the dance has no such words or a length cannot be made of them
     */
    public Count sayInWords() {
        return WordCount.say(this);
    }
}
