package fluidframe.core.compose;

import fluidframe.core.link.Conditions;
import java.util.List;

/**
 * Something to give up so that there is an answer.
 *
 * @param labels each thing given up: "add 1 bar", "allow silver", "drop the required Whisk"
 * @param wish the wish that is left
 * @param conditions how strictly the syllabus binds then
 */
public record Relaxation(List<String> labels, Wish wish, Conditions conditions) {

    public Relaxation {
        labels = List.copyOf(labels);
    }
}
