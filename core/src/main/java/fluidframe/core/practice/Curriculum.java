package fluidframe.core.practice;

import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/**
 * What a couple are taught.
 *
 * @param includes whether a figure of an id is one of those they dance
 * @param next the ids of the figures they are shown next where no routine says what comes, the easiest first
 * @param place where a figure of an id stands in the teaching order of its dance, from 0
 */
public record Curriculum(Predicate<String> includes, List<String> next, ToIntFunction<String> place) {

    /** Everything they have ever danced, and nothing new. */
    public static final Curriculum ANYTHING = new Curriculum(id -> true, List.of(), id -> 0);

    public Curriculum {
        next = List.copyOf(next);
    }

    /** Whether every figure that something is practised in is one of those they dance. */
    boolean includes(Subject subject) {
        return subject.figure().stream().allMatch(includes)
                && (!(subject instanceof Subject.Seam seam) || includes.test(seam.to()));
    }
}
