package fluidframe.core.link;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Ways;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import fluidframe.core.work.Stopping;
import fluidframe.core.work.TooMuchException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** The figures of one dance in all their ways, and what can follow what among them. Not for several threads at once. */
public final class Repertoire {

    /** More than ten times what the fullest syllabus has of a dance. */
    public static final int MOST_FIGURES = 1_000;

    private final List<Figure> figures;
    private final List<Dancing> dancings;
    private final Conditions conditions;
    private final Map<Foot, List<Dancing>> byFoot = new EnumMap<>(Foot.class);
    private final Map<ExitState, List<Move>> moves = new HashMap<>();

    private Repertoire(List<Figure> figures, List<Dancing> dancings, Conditions conditions) {
        this.figures = List.copyOf(figures);
        this.dancings = List.copyOf(dancings);
        this.conditions = conditions;
        for (Foot foot : Foot.values()) {
            byFoot.put(
                    foot,
                    dancings.stream()
                            .filter(dancing -> Fit.foot(foot, dancing.entry().manFree()) == Outcome.HOLDS)
                            .toList());
        }
    }

    /**
     * Figures above the conditions' level are left out.
     *
     * @throws TooMuchException if there are more than {@value #MOST_FIGURES}
     */
    public static Repertoire of(List<Figure> figures, Conditions conditions) {
        List<Dancing> dancings = new ArrayList<>();
        if (figures.size() > MOST_FIGURES) {
            throw new TooMuchException(
                    LinkSentences.figuresOfOneDance(figures.size()), LinkSentences.atMost(MOST_FIGURES));
        }
        for (Figure figure : figures) {
            Stopping.check();
            if (Fit.level(figure, conditions) == Outcome.HOLDS) {
                Ways.of(figure).forEach((way, danced) -> dancings.add(Dancing.of(figure, way, danced)));
            }
        }
        return new Repertoire(figures, dancings, conditions);
    }

    /** The same book under other conditions. */
    public Repertoire under(Conditions others) {
        return others.equals(conditions) ? this : of(figures, others);
    }

    /** Only what may be danced so. */
    public Repertoire keeping(Predicate<Dancing> allowed) {
        return new Repertoire(figures, dancings.stream().filter(allowed).toList(), conditions);
    }

    /** The same figures with nothing remembered of what follows what. */
    public Repertoire forgetful() {
        return new Repertoire(figures, dancings, conditions);
    }

    /** The whole book, figures above the level of the conditions too. */
    public List<Figure> figures() {
        return figures;
    }

    public List<Dancing> dancings() {
        return dancings;
    }

    public Conditions conditions() {
        return conditions;
    }

    /** Everything that can be danced after a figure has left the couple so; what holds before what bends. */
    public List<Move> after(Optional<Figure> last, ExitState exit) {
        if (last.isEmpty()) {
            return bodies(exit);
        }
        List<Move> holding = new ArrayList<>();
        List<Move> bending = new ArrayList<>();
        Figure figure = null;
        Outcome neighbours = Outcome.HOLDS;
        for (Move move : bodies(exit)) {
            if (move.dancing().figure() != figure) {
                figure = move.dancing().figure();
                neighbours = Fit.neighbours(last.get(), figure, conditions);
            }
            Outcome outcome = move.outcome().worse(neighbours);
            if (outcome != Outcome.BREAKS) {
                (outcome == Outcome.HOLDS ? holding : bending)
                        .add(
                                outcome == move.outcome()
                                        ? move
                                        : new Move(move.dancing(), move.facing(), outcome, move.exit()));
            }
        }
        holding.addAll(bending);
        return holding;
    }

    /** Everything that bodies could dance after they are left so, whatever the syllabus says of it. */
    public List<Move> bodies(ExitState exit) {
        return moves.computeIfAbsent(exit, from -> {
            Stopping.check();
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

    /**
     * Everything that can be danced before an entry: each figure from each heading it may start from, straight on or
     * round a corner; what holds before what bends.
     */
    public List<Before> before(Optional<Figure> next, EntryState entry) {
        List<Before> found = new ArrayList<>();
        List<Move> begun = dancings.stream()
                .flatMap(dancing -> startBeats(dancing).stream().flatMap(beat -> begun(dancing, beat)))
                .toList();
        for (Move move : begun) {
            for (boolean corner : new boolean[] {false, true}) {
                ExitState exit = corner ? move.exit().afterCorner() : move.exit();
                Outcome bodies = Fit.of(exit, entry);
                Outcome outcome = next.map(figure ->
                                bodies.worse(Fit.neighbours(move.dancing().figure(), figure, conditions)))
                        .orElse(bodies);
                if (outcome != Outcome.BREAKS) {
                    found.add(new Before(move, outcome, corner, exit));
                }
            }
        }
        found.sort(Comparator.comparing(Before::outcome).thenComparing(Before::corner));
        return found;
    }

    /** How well something can follow, whether or not it is in the repertoire. */
    public Outcome meets(Optional<Figure> last, ExitState exit, Dancing next) {
        return meets(last, exit, next, next.entry());
    }

    /** The same where it is asked to begin as an entry of it says, such as on one heading only. */
    public Outcome meets(Optional<Figure> last, ExitState exit, Dancing next, EntryState entry) {
        Outcome outcome = Fit.of(exit, entry);
        return last.map(figure -> outcome.worse(Fit.neighbours(figure, next.figure(), conditions)))
                .orElse(outcome);
    }

    /**
     * The dancings that can begin a routine, each on the headings it may start from, on the first beat it may start on.
     */
    public List<Move> beginnings() {
        return dancings.stream()
                .flatMap(dancing -> begun(dancing, startBeats(dancing).get(0)))
                .toList();
    }

    private static Stream<Move> begun(Dancing dancing, Beats beat) {
        return dancing.entry().facings().stream()
                .map(facing -> new Move(dancing, facing, Outcome.HOLDS, dancing.exitFrom(facing, beat)));
    }

    private static List<Beats> startBeats(Dancing dancing) {
        return dancing.entry()
                .beat()
                .map(List::of)
                .orElseGet(() -> dancing.danced().rhythm().startBeats().stream()
                        .map(beat -> Beats.of(beat - 1))
                        .toList());
    }
}
