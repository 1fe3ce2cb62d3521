package fluidframe.core.learning;

import fluidframe.core.figure.Figure;
import java.util.Collections;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A figure that is learned next.
 *
 * @param learns what is new in it
 */
public record LearningStep(Figure figure, SortedSet<Skill> learns) {

    public LearningStep {
        learns = Collections.unmodifiableSortedSet(new TreeSet<>(learns));
    }
}
