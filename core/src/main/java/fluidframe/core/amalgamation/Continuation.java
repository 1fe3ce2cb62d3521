package fluidframe.core.amalgamation;

import fluidframe.core.link.Outcome;
import fluidframe.core.routine.Placement;
import java.util.List;
import java.util.Optional;

/**
 * An amalgamation danced on from a place in a routine.
 *
 * @param placements as it is danced there: its first figure with the entry that it needs after what came before
 * @param in how its first figure fits what comes before; empty where the routine begins with it
 * @param out how what is danced after that place now fits its end; empty where nothing is
 * @param endsPhrase whether it ends with a phrase of the music
 * @param repeated how many of its figures were danced shortly before
 */
public record Continuation(
        Amalgamation amalgamation,
        List<Placement> placements,
        Optional<Outcome> in,
        Optional<Outcome> out,
        boolean endsPhrase,
        int repeated) {

    public Continuation {
        placements = List.copyOf(placements);
    }
}
