package fluidframe.core.compose;

import fluidframe.core.link.Conditions;
import fluidframe.core.time.Beats;
import java.util.List;

/**
 * Something to give up so that there is an answer.
 *
 * @param asked what was wished
 * @param labels each thing given up: "add 1 bar", "allow silver", "drop the required Whisk"
 * @param wish the wish that is left
 * @param conditions how strictly the syllabus binds then
 * @param length how long what was found then is
 */
public record Relaxation(Wish asked, List<String> labels, Wish wish, Conditions conditions, Beats length) {

    public Relaxation {
        labels = List.copyOf(labels);
    }
}
