package fluidframe.core.compose;

import java.util.List;

/**
 * Something to give up so that there is an answer.
 *
 * @param labels each thing given up: "add 1 bar", "drop the required Whisk"
 * @param wish   the wish that is left
 */
public record Relaxation(List<String> labels, Wish wish) {

    public Relaxation {
        labels = List.copyOf(labels);
    }
}
