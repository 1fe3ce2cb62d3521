package fluidframe.core.compose;

import fluidframe.core.compose.Composition.Reason;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import java.util.List;
import java.util.Optional;

/** The points of a move that do not depend on when it comes nor on what came long before. */
final class MovePoints {

    static final List<Reason> REASONS =
            List.of(Reason.BENDS, Reason.RECOMMENDED_LINKS, Reason.FAVOURITES, Reason.NOT_AS_CHARTED, Reason.CONTRAST);

    private final Weights weights;
    private final Choice choice;
    private final Characters characters = new Characters();

    MovePoints(Wish wish) {
        this.weights = wish.weights();
        this.choice = wish.choice();
    }

    /** After a figure that is not known no fewer than after any that does not list it. */
    int of(Move move, Optional<Figure> last) {
        int points = 0;
        for (Reason reason : REASONS) {
            points += of(reason, move, last);
        }
        return points;
    }

    private Characters.Kind kind(Optional<Figure> last) {
        return last.map(characters::of).orElse(Characters.Kind.ANY);
    }

    /** @throws IllegalArgumentException for a reason that is not one of {@link #REASONS} */
    int of(Reason reason, Move move, Optional<Figure> last) {
        Figure figure = move.dancing().figure();
        return switch (reason) {
            case BENDS -> move.outcome() == Outcome.BENDS ? -weights.bend() : 0;
            case RECOMMENDED_LINKS ->
                last.isPresent() && Neighbours.areListed(last.get(), figure) ? weights.neighbour() : 0;
            case FAVOURITES -> choice.favourites().contains(figure.id()) ? weights.favourite() : 0;
            case NOT_AS_CHARTED ->
                move.dancing().way().isAsCharted()
                        ? 0
                        : -weights.charted() * (move.dancing().way().split().isPresent() ? 2 : 1);
            case CONTRAST -> kind(last).contrasts(characters.of(figure)) ? weights.contrast() : 0;
            case PHRASE_STARTS, REPETITION, HIGHLIGHTS_ON_HITS, DIFFICULTY, GROUND_COVERED, SPARSE_AND_FULL ->
                throw new IllegalArgumentException(ComposeSentences.dependsOnMoreThanTheMove(reason));
        };
    }
}
