package fluidframe.core.link;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Ways;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The figures of one dance in all their ways, and what can follow what among them. Not for several threads at once. */
public final class Repertoire {

    private final List<Dancing> dancings;
    private final Terms terms;
    private final Map<Foot, List<Dancing>> byFoot = new EnumMap<>(Foot.class);
    private final Map<ExitState, List<Move>> moves = new HashMap<>();

    private Repertoire(List<Dancing> dancings, Terms terms) {
        this.dancings = List.copyOf(dancings);
        this.terms = terms;
        for (Foot foot : Foot.values()) {
            byFoot.put(foot, dancings.stream().filter(dancing -> Fit.foot(foot, dancing.entry().manFree()) == Outcome.HOLDS).toList());
        }
    }

    /** Figures above the terms' level are left out. */
    public static Repertoire of(List<Figure> figures, Terms terms) {
        List<Dancing> dancings = new ArrayList<>();
        for (Figure figure : figures) {
            if (Fit.level(figure, terms) == Outcome.HOLDS) {
                Ways.of(figure).forEach((way, danced) -> dancings.add(Dancing.of(figure, way, danced)));
            }
        }
        return new Repertoire(dancings, terms);
    }

    /** The same figures with nothing remembered of what follows what. */
    public Repertoire forgetful() {
        return new Repertoire(dancings, terms);
    }

    public List<Dancing> dancings() {
        return dancings;
    }

    public Terms terms() {
        return terms;
    }

    /** Everything that can be danced after a figure has left the couple so; what holds before what bends. */
    public List<Move> after(Optional<Figure> last, ExitState exit) {
        if (last.isEmpty()) {
            return bodies(exit);
        }
        List<Move> found = new ArrayList<>();
        for (Move move : bodies(exit)) {
            Outcome outcome = move.outcome().worse(Fit.neighbours(last.get(), move.dancing().figure(), terms));
            if (outcome != Outcome.BREAKS) {
                found.add(outcome == move.outcome() ? move : new Move(move.dancing(), move.facing(), outcome, move.exit()));
            }
        }
        found.sort((a, b) -> a.outcome().compareTo(b.outcome()));
        return found;
    }

    /** Everything that bodies could dance after they are left so, whatever the syllabus says of it. */
    public List<Move> bodies(ExitState exit) {
        return moves.computeIfAbsent(exit, from -> {
            List<Move> found = new ArrayList<>();
            for (Dancing dancing : byFoot.get(exit.manFree())) {
                Outcome outcome = Fit.of(exit, dancing.entry());
                if (outcome != Outcome.BREAKS) {
                    Heading facing = dancing.entry().nearestTo(exit.facing());
                    found.add(new Move(dancing, facing, outcome, dancing.exitFrom(facing, exit.beat())));
                }
            }
            found.sort((a, b) -> a.outcome().compareTo(b.outcome()));
            return List.copyOf(found);
        });
    }

    /** How well something can follow, whether or not it is in the repertoire. */
    public Outcome meets(Optional<Figure> last, ExitState exit, Dancing next) {
        Outcome outcome = Fit.of(exit, next.entry());
        return last.map(figure -> outcome.worse(Fit.neighbours(figure, next.figure(), terms))).orElse(outcome);
    }

    /** The dancings that can begin a routine, each on the headings it may start from, on a start beat of its dance. */
    public List<Move> beginnings() {
        List<Move> found = new ArrayList<>();
        for (Dancing dancing : dancings) {
            Beats beat = dancing.entry().beat()
                    .orElse(Beats.of(dancing.danced().rhythm().startBeats().first() - 1));
            for (Heading facing : dancing.entry().facings()) {
                found.add(new Move(dancing, facing, Outcome.HOLDS, dancing.exitFrom(facing, beat)));
            }
        }
        return found;
    }
}
