package fluidframe.core.fit;

import fluidframe.core.compose.Choice;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Watch;
import fluidframe.core.compose.Weights;
import fluidframe.core.compose.Wish;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Item;
import fluidframe.core.link.Link;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.piece.MusicCut;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.time.Beats;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Mends what does not fit, exactly: figures that fill what is left, others in the place of a few that last so much less, a hold, a cut of the music. */
public final class FitRepairs {

    /** Figures next to each other that are exchanged together. */
    private static final int MOST_REPLACED = 3;
    private static final int MOST_REPAIRS = 6;
    private static final int MOST_OF_A_KIND = 3;
    private static final int WINDOW_BARS = 4;
    /** Longer than this nobody only stands. */
    private static final int MOST_HELD_BARS = 2;

    private final Fit fit;
    private final Course course;
    private final Repertoire repertoire;
    private final Beats bar;
    private final Watch watch;

    private FitRepairs(Fit fit, Repertoire repertoire, Watch watch) {
        this.watch = watch;
        this.fit = fit;
        this.course = fit.score().course();
        this.repertoire = repertoire;
        this.bar = course.routine().dance().rhythm().bar();
    }

    /** What mends a misfit, the best first; nothing where only another piece would. */
    public static List<FitRepair> of(Misfit misfit, Fit fit, Repertoire repertoire, Watch watch) {
        FitRepairs repairs = new FitRepairs(fit, repertoire, watch);
        List<FitRepair> found = new ArrayList<>();
        if (misfit instanceof Misfit.TooShort shorter) {
            found.addAll(repairs.fill(shorter.left()));
            found.addAll(repairs.cuts(shorter.left()));
        } else if (misfit instanceof Misfit.TooLong longer) {
            found.addAll(repairs.changed(Beats.ZERO.minus(longer.by()), IntStream.range(0, repairs.passages()).boxed().toList()));
        } else if (misfit instanceof Misfit.Straddles straddles) {
            found.addAll(repairs.meeting(straddles));
        } else if (misfit instanceof Misfit.HighlightOffHit off) {
            found.addAll(repairs.moving(off));
        }
        return found.stream().limit(MOST_REPAIRS).toList();
    }

    private int passages() {
        return course.placements().size();
    }

    /** Figures that last exactly as long as the music is left, and a hold where that is little. */
    private List<FitRepair> fill(Beats left) {
        List<FitRepair> found = new ArrayList<>();
        for (Composition composition : composed(passages(), passages(), left, MOST_OF_A_KIND)) {
            found.add(repair("Dance " + names(composition) + " in the " + bars(left) + " that are left.", passages(), passages(), composition));
        }
        if (left.compareTo(bar.times(MOST_HELD_BARS)) <= 0 && left.fraction().equals(Beats.ZERO) && passages() > 0) {
            found.add(new FitRepair("Hold the last figure for " + beats(left) + ".", passages(), passages(), List.of(Element.of(ElementKind.HOLD, left.wholeBeats())), List.of(), Optional.empty(), 0));
        }
        return found;
    }

    private List<FitRepair> cuts(Beats left) {
        if (left.ticks() % bar.ticks() != 0) {
            return List.of();
        }
        return MusicCut.leavingOut(fit.laying().piece(), left.ticks() / bar.ticks()).stream().limit(MOST_OF_A_KIND)
                .map(cut -> new FitRepair("Cut the music from the end of bar " + (cut.from() - 1) + " to bar " + cut.to() + ": " + cut.like().wording() + ".", 0, 0, List.of(), List.of(), Optional.of(cut), 0)).toList();
    }

    /** A few figures exchanged for others that last longer or shorter by so much, or left out where the next follows anyway. */
    private List<FitRepair> changed(Beats by, List<Integer> where) {
        List<FitRepair> found = new ArrayList<>();
        for (int from : where) {
            for (int to = from + 1; to <= Math.min(passages(), from + MOST_REPLACED); to++) {
                Stopping.check();
                Beats length = lengthOf(from, to).plus(by);
                if (length.isPositive() && !staysAsItIs(from, to)) {
                    int first = from;
                    int last = to;
                    composed(from, to, length, 1).forEach(composition -> found.add(repair("Dance " + names(composition) + " instead of " + names(first, last) + ".", first, last, composition)));
                } else if (length.equals(Beats.ZERO) && !staysAsItIs(from, to) && followsWithout(from, to)) {
                    found.add(new FitRepair("Leave out " + names(from, to) + ".", from, to, List.of(), List.of(), Optional.empty(), 0));
                }
            }
        }
        found.sort(Comparator.comparingInt((FitRepair repair) -> repair.to() - repair.from()).thenComparing(repair -> -repair.points()));
        return found;
    }

    /** What comes before the bar line is made to end on it, and what follows to last as much longer, so that the rest stays where it is. */
    private List<FitRepair> meeting(Misfit.Straddles straddles) {
        int passage = straddles.passage();
        List<FitRepair> found = new ArrayList<>();
        for (int before = Math.max(0, passage - MOST_REPLACED + 1); before <= passage; before++) {
            for (int after = passage + 1; after <= Math.min(passages(), passage + MOST_REPLACED); after++) {
                Beats length = lengthOf(before, after);
                Beats boundary = fit.laying().piece().bar().times(straddles.bar() - 1).plus(fit.score().firstBeat()).minus(fit.begins().plus(course.placements().get(before).onset()));
                if (!staysAsItIs(before, after) && boundary.isPositive() && boundary.compareTo(length) < 0) {
                    int first = before;
                    int last = after;
                    composed(before, after, length, MOST_OF_A_KIND).stream().filter(composition -> composition.steps().stream().anyMatch(piece -> piece.onset().equals(boundary)))
                            .forEach(composition -> found.add(repair("Dance " + names(composition) + " instead of " + names(first, last) + ": bar " + straddles.bar() + " begins with a figure.", first, last, composition)));
                }
            }
        }
        found.sort(Comparator.comparingInt((FitRepair repair) -> repair.to() - repair.from()).thenComparing(repair -> -repair.points()));
        return found;
    }

    /** The highlight comes later by a hold before it, or by other figures before it, which may also bring it earlier. */
    private List<FitRepair> moving(Misfit.HighlightOffHit off) {
        List<FitRepair> found = new ArrayList<>();
        Beats later = Beats.ZERO.minus(off.away());
        List<Integer> before = IntStream.rangeClosed(Math.max(0, off.passage() - 2 * MOST_REPLACED), off.passage() - 1).boxed().toList();
        List<FitRepair> changed = changed(later, before).stream().filter(repair -> repair.to() <= off.passage()).toList();
        changed.stream().limit(MOST_REPAIRS - 1L).forEach(found::add);
        if (later.isPositive() && later.compareTo(bar.times(MOST_HELD_BARS)) <= 0 && later.fraction().equals(Beats.ZERO) && off.passage() > 0) {
            found.add(new FitRepair("Hold for " + beats(later) + " before the " + name(off.passage()) + ".", off.passage(), off.passage(), List.of(Element.of(ElementKind.HOLD, later.wholeBeats())), List.of(), Optional.empty(), 0));
        }
        return found;
    }

    private Beats lengthOf(int from, int to) {
        return course.placements().subList(from, to).stream().map(ScoredPlacement::length).reduce(Beats.ZERO, Beats::plus);
    }

    /** Corners stay where the room has them, and what is danced several times is not changed for one of them. */
    private boolean staysAsItIs(int from, int to) {
        return course.placements().subList(from, to).stream().anyMatch(placed -> placed.placement().cornerAfter()
                || course.placements().stream().filter(other -> other.passage().index() == placed.passage().index()).count() > 1);
    }

    private boolean followsWithout(int from, int to) {
        boolean inside = from > 0 && to < passages();
        return !inside || Link.between(course.exit(from - 1), course.placements().get(to).dancing().entry(), course.placements().get(from - 1).dancing().figure(),
                course.placements().get(to).dancing().figure(), course.routine().conditions()).outcome() != Outcome.BREAKS;
    }

    private List<Composition> composed(int from, int to, Beats length, int answers) {
        Optional<Wish.Beginning> beginning = from == 0 ? Optional.empty() : Optional.of(new Wish.Beginning(course.placements().get(from - 1).dancing().listed(), course.exit(from - 1)));
        Optional<Dancing> next = to == passages() ? Optional.empty() : Optional.of(course.placements().get(to).dancing());
        MusicMap music = MusicMap.plain(bar, course.routine().dance().music().phraseBars(), course.routine().music().tempo());
        Wish wish = new Wish(beginning, next, length, length, Choice.FREE, 1, bar.times(WINDOW_BARS), true, 0, music, List.of(), Weights.USUAL, answers, Taste.FREE.withWholeFigures());
        return Composer.search(repertoire, wish, watch).compositions();
    }

    private FitRepair repair(String sentence, int from, int to, Composition composition) {
        List<Item> danced = composition.steps().stream().map(piece -> (Item) piece.dancing()).toList();
        List<Integer> corners = IntStream.range(0, danced.size()).filter(i -> composition.steps().get(i).cornerAfter()).boxed().toList();
        return new FitRepair(sentence, from, to, danced, corners, Optional.empty(), composition.points());
    }

    private static String names(Composition composition) {
        return listed(composition.steps().stream().map(piece -> piece.dancing().wording()).toList());
    }

    private String names(int from, int to) {
        return listed(IntStream.range(from, to).mapToObj(this::name).toList());
    }

    private String name(int passage) {
        return course.placements().get(passage).dancing().wording();
    }

    private static String listed(List<String> names) {
        int last = names.size() - 1;
        return last < 1 ? String.join("", names) : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }

    private String bars(Beats length) {
        return MisfitSentence.length(length, bar);
    }

    private static String beats(Beats length) {
        return length + (length.equals(Beats.ONE) ? " beat" : " beats");
    }
}
