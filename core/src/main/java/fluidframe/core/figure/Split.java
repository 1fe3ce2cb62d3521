package fluidframe.core.figure;

import fluidframe.core.space.Alignment;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A part of a figure that may be used on its own.
 *
 * @param name what coaches call it
 * @param first first row of the man's chart, from 1
 * @param last last row of the man's chart
 * @param startAlignments where the man may stand before the part; empty if only where the whole figure leads him
 * @param purpose what coaches use it for, if for anything
 */
public record Split(String name, int first, int last, List<Alignment> startAlignments, Optional<SplitPurpose> purpose) {

    private static final Pattern STEPS = Pattern.compile("steps (\\d{1,3})[-–](\\d{1,3})");

    public Split {
        startAlignments = List.copyOf(startAlignments);
    }

    /**
     * Any steps of the man's chart under the name "steps 3-5", for practice; none of them if the text says something
     * else.
     */
    public static Optional<Split> ofSteps(String name) {
        Matcher matcher = STEPS.matcher(name);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        int first = Integer.parseInt(matcher.group(1));
        int last = Integer.parseInt(matcher.group(2));
        return first < 1 || last < first
                ? Optional.empty()
                : Optional.of(new Split(name, first, last, List.of(), Optional.empty()));
    }

    /** The name under which these steps can be danced. */
    public static String stepsNamed(int first, int last) {
        return "steps " + first + "-" + last;
    }
}
