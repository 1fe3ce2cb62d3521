package fluidframe.core.link;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.figure.Split;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Repair.Kind;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What would mend a link that does not hold, in a coach's order (see {@link Repair.Kind}). Everything is tried, and
 * only what leads to a better verdict is offered.
 */
public final class Repairs {

    private static final int MOST_BRIDGES = 3;
    /** Of figures between, so many of each kind. */
    private static final int MOST_FIGURES = 4;
    /** A short figure lasts no longer, bars. */
    private static final int SHORT_BARS = 2;

    private static final int LONGEST_BRIDGE_BARS = 6;
    private static final List<Optional<Part>> EVERY_PART =
            List.of(Optional.empty(), Optional.of(Part.MAN), Optional.of(Part.LADY));

    private final Repertoire repertoire;

    public Repairs(Repertoire repertoire) {
        this.repertoire = repertoire;
    }

    /**
     * A link as it stands in a routine.
     *
     * @param before the figure before and how it is danced
     * @param entry the heading it was begun on
     * @param startsAt where in the bar it was begun
     * @param after the figure after and how it is danced
     * @param start the heading it must start on, if the coach insists
     * @param corner whether a corner is turned between them
     */
    public record Join(
            Dancing before, Heading entry, Beats startsAt, Dancing after, Optional<Heading> start, boolean corner) {

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
        return Link.between(
                join.exit(), join.needed(), join.before().figure(), join.after().figure(), repertoire.conditions());
    }

    /**
     * @return what mends it, in a coach's order and among equals what holds before what bends; nothing if the link
     *     holds
     */
    public List<Repair> of(Join join) {
        Outcome now = verdict(join).outcome();
        List<Repair> repairs = new ArrayList<>();
        if (now == Outcome.HOLDS) {
            return repairs;
        }
        for (Dancing other : waysOf(join.before())) {
            kind(join.before(), other, true)
                    .ifPresent(kind -> offer(
                            kind,
                            LinkSentences.danceTheBefore(other.wording()),
                            join.with(other, join.after(), join.start(), join.corner()),
                            now,
                            repairs));
        }
        join.start()
                .ifPresent(start -> offer(
                        Kind.START,
                        LinkSentences.letItStartWhereItMay(),
                        join.with(join.before(), join.after(), Optional.empty(), join.corner()),
                        now,
                        repairs));
        for (Dancing other : waysOf(join.after())) {
            kind(join.after(), other, false)
                    .ifPresent(kind -> offer(
                            kind,
                            LinkSentences.danceTheAfter(other.wording()),
                            join.with(join.before(), other, join.start(), join.corner()),
                            now,
                            repairs));
        }
        offer(
                Kind.CORNER,
                join.corner() ? LinkSentences.noCornerHere() : LinkSentences.turnACornerHere(),
                join.with(join.before(), join.after(), join.start(), !join.corner()),
                now,
                repairs);
        figuresBetween(join, repairs);
        elements(join, now, repairs);
        bridges(join, repairs);
        repairs.sort(Comparator.comparing(Repair::kind)
                .thenComparing(repair -> repair.verdict().outcome())
                .thenComparing(Repairs::length));
        return repairs;
    }

    private static Beats length(Repair repair) {
        return repair.between().stream().map(Item::length).reduce(Beats.ZERO, Beats::plus);
    }

    private List<Dancing> waysOf(Dancing dancing) {
        return repertoire.dancings().stream()
                .filter(other -> other.figure().id().equals(dancing.figure().id()) && !other.equals(dancing))
                .toList();
    }

    /** The one thing in which two ways differ, if it leaves the other end of the figure as it was. */
    private static Optional<Kind> kind(Dancing now, Dancing other, boolean keepsEntry) {
        Way a = now.way();
        Way b = other.way();
        List<Kind> differs = new ArrayList<>();
        add(differs, Kind.ENTRY, !a.entry().equals(b.entry()));
        add(differs, Kind.OTHER_FOOT, a.otherFoot() != b.otherFoot());
        add(differs, Kind.FINISH, !a.finish().equals(b.finish()));
        add(differs, Kind.SPLIT, !a.split().equals(b.split()));
        add(differs, Kind.REPEATS, a.repeats() != b.repeats());
        add(differs, Kind.TIMING, !a.timing().equals(b.timing()));
        boolean oneRepeat = Math.abs(a.repeats() - b.repeats()) <= 1;
        boolean fits = differs.size() == 1
                && oneRepeat
                && (!differs.contains(Kind.SPLIT) || keepsEnd(now.figure(), b, keepsEntry));
        boolean atTheOtherEnd = keepsEntry
                ? differs.contains(Kind.ENTRY) || differs.contains(Kind.OTHER_FOOT)
                : differs.contains(Kind.FINISH);
        return fits && !atTheOtherEnd ? Optional.of(differs.get(0)) : Optional.empty();
    }

    private static boolean keepsEnd(Figure figure, Way way, boolean entry) {
        if (way.split().isEmpty()) {
            return true;
        }
        Split split = figure.variants().split(way.split().get()).orElseThrow();
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
            repairs.add(new Repair(
                    kind,
                    label,
                    mended.before().way(),
                    mended.after().way(),
                    mended.start(),
                    mended.corner(),
                    List.of(),
                    verdict));
        }
    }

    /** Of each thing a couple can do on one step or none, the shortest that helps, up to a bar long. */
    private void elements(Join join, Outcome now, List<Repair> repairs) {
        int bar = join.before().danced().rhythm().beatsPerBar();
        for (ElementKind kind : List.of(ElementKind.HOLD, ElementKind.REPLACE, ElementKind.CHECK)) {
            for (Optional<Part> who : kind == ElementKind.REPLACE ? EVERY_PART : List.of(Optional.<Part>empty())) {
                Stream.iterate(1, beats -> beats + 1)
                        .limit(bar)
                        .map(beats -> new Element(kind, beats, who, RelationChange.NONE, Turn.NONE))
                        .flatMap(element -> mendedBy(element, join, now).stream())
                        .findFirst()
                        .ifPresent(repairs::add);
            }
        }
    }

    private Optional<Repair> mendedBy(Element element, Join join, Outcome now) {
        ExitState exit = join.exit();
        Dancing dancing = element.after(exit, join.before().danced().dance());
        ExitState left = dancing.exitFrom(exit.facing(), exit.beat());
        boolean fits = Link.between(exit, dancing.entry()).outcome() == Outcome.HOLDS;
        Verdict verdict =
                Link.between(left, join.needed(), dancing.figure(), join.after().figure(), repertoire.conditions());
        return fits && verdict.outcome().compareTo(now) < 0
                ? Optional.of(new Repair(
                        Kind.ELEMENT,
                        LinkSentences.betweenWhichStopsTheDance(element.wording()),
                        join.before().way(),
                        join.after().way(),
                        join.start(),
                        join.corner(),
                        List.of(element),
                        verdict))
                : Optional.empty();
    }

    /**
     * One figure between: those that the syllabus lists after the one and before the other, and short ones no harder
     * than the two.
     */
    private void figuresBetween(Join join, List<Repair> repairs) {
        Figure before = join.before().figure();
        Figure after = join.after().figure();
        Beats shortest = join.before().danced().rhythm().bar().times(SHORT_BARS);
        Level level = before.level().compareTo(after.level()) > 0 ? before.level() : after.level();
        Map<Kind, Map<String, Repair>> found = new EnumMap<>(Kind.class);
        for (Move move : repertoire.after(join.before().listed(), join.exit())) {
            Figure between = move.dancing().figure();
            boolean listed = Neighbours.areListed(before, between) && Neighbours.areListed(between, after);
            boolean brief = move.dancing().length().compareTo(shortest) <= 0
                    && between.level().compareTo(level) <= 0;
            boolean another = !between.id().equals(before.id()) && !between.id().equals(after.id());
            if (another
                    && (listed || brief)
                    && move.outcome() == Outcome.HOLDS
                    && move.dancing().way().repeats() == 1) {
                Verdict verdict = Link.between(move.exit(), join.needed(), between, after, repertoire.conditions());
                if (verdict.outcome() == Outcome.HOLDS || verdict.outcome() == Outcome.BENDS && listed) {
                    Kind kind = listed ? Kind.LISTED : Kind.SHORT;
                    Repair repair = new Repair(
                            kind,
                            LinkSentences.danceTheBetween(move.dancing().wording()),
                            join.before().way(),
                            join.after().way(),
                            join.start(),
                            join.corner(),
                            List.of(move.dancing()),
                            verdict);
                    found.computeIfAbsent(kind, added -> new LinkedHashMap<>())
                            .merge(between.id(), repair, Repairs::plainer);
                }
            }
        }
        found.values()
                .forEach(each -> each.values().stream()
                        .sorted(Comparator.comparing(
                                        (Repair repair) -> repair.verdict().outcome())
                                .thenComparing(Repairs::length))
                        .limit(MOST_FIGURES)
                        .forEach(repairs::add));
    }

    /** Of two ways of dancing one figure between, the one that holds, then the one nearer to its charts. */
    private static Repair plainer(Repair one, Repair other) {
        int outcome = one.verdict().outcome().compareTo(other.verdict().outcome());
        return outcome < 0 || outcome == 0 && changes(one) <= changes(other) ? one : other;
    }

    private static int changes(Repair repair) {
        return ((Dancing) repair.between().get(0)).way().changes();
    }

    private void bridges(Join join, List<Repair> repairs) {
        Beats most = join.before().danced().rhythm().bar().times(LONGEST_BRIDGE_BARS);
        Dancing to = join.after();
        for (List<Move> chain :
                new Bridges(repertoire).between(join.before().listed(), join.exit(), to, most, 4 * MOST_BRIDGES + 1)) {
            boolean wanted = chain.size() > 1
                    && repairs.stream()
                                    .filter(repair -> repair.kind() == Kind.BRIDGE)
                                    .count()
                            < MOST_BRIDGES;
            if (wanted) {
                Move last = chain.get(chain.size() - 1);
                Verdict verdict = Link.between(
                        last.exit(), join.needed(), last.dancing().figure(), to.figure(), repertoire.conditions());
                if (verdict.outcome() != Outcome.BREAKS) {
                    String names = chain.stream()
                            .map(move -> move.dancing().wording())
                            .reduce((a, b) -> LinkSentences.andThe(a, b))
                            .orElseThrow();
                    List<Item> between = chain.stream().<Item>map(Move::dancing).toList();
                    repairs.add(new Repair(
                            Kind.BRIDGE,
                            LinkSentences.danceTheBetween2(names),
                            join.before().way(),
                            to.way(),
                            join.start(),
                            join.corner(),
                            between,
                            verdict));
                }
            }
        }
    }
}
