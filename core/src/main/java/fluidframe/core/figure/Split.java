package fluidframe.core.figure;

import fluidframe.core.space.Alignment;
import java.util.List;
import java.util.Optional;

/**
 * A part of a figure that may be used on its own.
 *
 * @param name            what coaches call it
 * @param first           first row of the man's chart, from 1
 * @param last            last row of the man's chart
 * @param startAlignments where the man may stand before the part; empty if only where the whole figure leads him
 * @param purpose         what coaches use it for, if for anything
 */
public record Split(String name, int first, int last, List<Alignment> startAlignments, Optional<SplitPurpose> purpose) {

    public Split {
        startAlignments = List.copyOf(startAlignments);
    }
}
