package fluidframe.core.link;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Split;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Repair.Kind;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What would mend a link that does not hold, the cheapest first: another finish of the figure before, another start of the
 * one after, a part of either, one repeat more or less, another timing, a corner, a one-step element, or a bridge of figures.
 * Everything is tried, and only what leads to a better verdict is offered.
 */
public final class Repairs {

    private static final int MOST_BRIDGES = 3;
    private static final int LONGEST_BRIDGE_BARS = 6;
    private static final List<Optional<Part>> EVERY_PART = List.of(Optional.empty(), Optional.of(Part.MAN), Optional.of(Part.LADY));

    private final Repertoire repertoire;

    public Repairs(Repertoire repertoire) {
        this.repertoire = repertoire;
    }

    /**
     * A link as it stands in a routine.
     *
     * @param before   the figure before and how it is danced
     * @param entry    the heading it was begun on
     * @param startsAt where in the bar it was begun
     * @param after    the figure after and how it is danced
     * @param start    the heading it must start on, if the coach insists
     * @param corner   whether a corner is turned between them
     */
    public record Join(Dancing before, Heading entry, Beats startsAt, Dancing after, Optional<Heading> start, boolean corner) {

        ExitState exit() {
            ExitState exit = before.exitFrom(entry, startsAt);
            return corner ? exit.afterCorner() : exit;
        }

        EntryState needed() {
            return start.map(after.entry()::from).orElse(after.entry());
        }

        Join with(Dancing otherBefore, Dancing otherAfter, Optional<Heading> otherStart, boolean otherCorner) {
            return new Join(otherBefore, entry, startsAt, otherAfter, otherStart, otherCorner);
        }
    }

    public Verdict verdict(Join join) {
        return Link.between(join.exit(), join.needed(), join.before().figure(), join.after().figure(), repertoire.conditions());
    }

    /** @return what mends it, the cheapest first and among equals what holds before what bends; nothing if the link holds */
    public List<Repair> of(Join join) {
        Outcome now = verdict(join).outcome();
        List<Repair> repairs = new ArrayList<>();
        if (now == Outcome.HOLDS) {
            return repairs;
        }
        for (Dancing other : waysOf(join.before())) {
            kind(join.before(), other, true).ifPresent(kind ->
                    offer(kind, "dance " + other.wording() + " before", join.with(other, join.after(), join.start(), join.corner()), now, repairs));
        }
        join.start().ifPresent(start ->
                offer(Kind.START, "let it start where it may", join.with(join.before(), join.after(), Optional.empty(), join.corner()), now, repairs));
        for (Dancing other : waysOf(join.after())) {
            kind(join.after(), other, false).ifPresent(kind ->
                    offer(kind, "dance " + other.wording() + " after", join.with(join.before(), other, join.start(), join.corner()), now, repairs));
        }
        offer(Kind.CORNER, join.corner() ? "no corner here" : "turn a corner here", join.with(join.before(), join.after(), join.start(), !join.corner()), now, repairs);
        elements(join, now, repairs);
        bridges(join, repairs);
        repairs.sort(Comparator.comparing(Repair::kind).thenComparing(repair -> repair.verdict().outcome()).thenComparing(Repairs::length));
        return repairs;
    }

    private static Beats length(Repair repair) {
        return repair.between().stream().map(Item::length).reduce(Beats.ZERO, Beats::plus);
    }

    private List<Dancing> waysOf(Dancing dancing) {
        return repertoire.dancings().stream().filter(other -> other.figure().id().equals(dancing.figure().id()) && !other.equals(dancing)).toList();
    }

    /** The one thing in which two ways differ, if it leaves the other end of the figure as it was. */
    private static Optional<Kind> kind(Dancing now, Dancing other, boolean keepsEntry) {
        Way a = now.way();
        Way b = other.way();
        List<Kind> differs = new ArrayList<>();
        add(differs, Kind.FINISH, !a.finish().equals(b.finish()));
        add(differs, Kind.SPLIT, !a.split().equals(b.split()));
        add(differs, Kind.REPEATS, a.repeats() != b.repeats());
        add(differs, Kind.TIMING, !a.timing().equals(b.timing()));
        boolean oneRepeat = Math.abs(a.repeats() - b.repeats()) <= 1;
        boolean fits = differs.size() == 1 && oneRepeat && (!differs.contains(Kind.SPLIT) || keepsEnd(now.figure(), b, keepsEntry));
        return fits && !(differs.contains(Kind.FINISH) && !keepsEntry) ? Optional.of(differs.get(0)) : Optional.empty();
    }

    private static boolean keepsEnd(Figure figure, Way way, boolean entry) {
        if (way.split().isEmpty()) {
            return true;
        }
        Split split = figure.variants().splits().stream().filter(each -> each.name().equals(way.split().get())).findFirst().orElseThrow();
        return entry ? split.first() == 1 : split.last() == figure.man().steps().size();
    }

    private static void add(List<Kind> kinds, Kind kind, boolean differs) {
        if (differs) {
            kinds.add(kind);
        }
    }

    private void offer(Kind kind, String label, Join mended, Outcome now, List<Repair> repairs) {
        Verdict verdict = verdict(mended);
        if (verdict.outcome().compareTo(now) < 0) {
            repairs.add(new Repair(kind, label, mended.before().way(), mended.after().way(), mended.start(), mended.corner(), List.of(), verdict));
        }
    }

    /** Of each thing a couple can do on one step or none, the shortest that helps, up to a bar long. */
    private void elements(Join join, Outcome now, List<Repair> repairs) {
        int bar = join.before().danced().rhythm().beatsPerBar();
        for (ElementKind kind : List.of(ElementKind.HOLD, ElementKind.REPLACE, ElementKind.CHECK)) {
            for (Optional<Part> who : kind == ElementKind.REPLACE ? EVERY_PART : List.of(Optional.<Part>empty())) {
                Stream.iterate(1, beats -> beats + 1).limit(bar)
                        .map(beats -> new Element(kind, beats, who, RelationChange.NONE, Turn.NONE))
                        .flatMap(element -> mendedBy(element, join, now).stream()).findFirst().ifPresent(repairs::add);
            }
        }
    }

    private Optional<Repair> mendedBy(Element element, Join join, Outcome now) {
        ExitState exit = join.exit();
        Dancing dancing = element.after(exit, join.before().danced().dance());
        ExitState left = dancing.exitFrom(exit.facing(), exit.beat());
        boolean fits = Link.between(exit, dancing.entry()).outcome() == Outcome.HOLDS;
        Verdict verdict = Link.between(left, join.needed(), dancing.figure(), join.after().figure(), repertoire.conditions());
        return fits && verdict.outcome().compareTo(now) < 0 ? Optional.of(new Repair(Kind.ELEMENT, element.wording() + " between", join.before().way(),
                join.after().way(), join.start(), join.corner(), List.of(element), verdict)) : Optional.empty();
    }

    private void bridges(Join join, List<Repair> repairs) {
        Beats most = join.before().danced().rhythm().bar().times(LONGEST_BRIDGE_BARS);
        Dancing to = join.after();
        for (List<Move> chain : new Bridges(repertoire).between(join.before().listed(), join.exit(), to, most, 2 * MOST_BRIDGES + 1)) {
            boolean wanted = !chain.isEmpty() && repairs.stream().filter(repair -> repair.kind() == Kind.BRIDGE).count() < MOST_BRIDGES;
            if (wanted) {
                Move last = chain.get(chain.size() - 1);
                Verdict verdict = Link.between(last.exit(), join.needed(), last.dancing().figure(), to.figure(), repertoire.conditions());
                if (verdict.outcome() != Outcome.BREAKS) {
                    String names = chain.stream().map(move -> move.dancing().wording()).reduce((a, b) -> a + ", " + b).orElseThrow();
                    List<Item> between = chain.stream().<Item>map(Move::dancing).toList();
                    repairs.add(new Repair(Kind.BRIDGE, "dance " + names + " between", join.before().way(), to.way(), join.start(), join.corner(), between, verdict));
                }
            }
        }
    }
}
