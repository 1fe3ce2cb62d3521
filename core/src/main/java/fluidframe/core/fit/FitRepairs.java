package fluidframe.core.fit;

import fluidframe.core.compose.Watch;
import fluidframe.core.dance.Dance;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Repertoire;
import fluidframe.core.piece.MusicCut;
import fluidframe.core.replacing.Replacement;
import fluidframe.core.replacing.Replacements;
import fluidframe.core.routine.Course;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Mends what does not fit, exactly: figures that fill what is left, others in the place of a few that last so much
 * less, a hold, a cut of the music, another tempo.
 */
public final class FitRepairs {

    private static final int MOST_REPAIRS = 6;
    private static final int MOST_OF_A_KIND = 3;
    /** Longer than this nobody only stands. */
    private static final int MOST_HELD_BARS = 2;
    /**
     * Played slower or faster by more than this a recording no longer sounds like itself; from common practice in
     * studios.
     */
    private static final double MOST_PACED = 0.08;

    private static final int HUNDRED = 100;

    private static final Comparator<FitRepair.Danced> SMALLEST_FIRST =
            Comparator.comparing(FitRepair.Danced::replacement, Replacements.SMALLEST_FIRST);

    private final Fit fit;
    private final Course course;
    private final Beats bar;
    private final Replacements replacements;

    private FitRepairs(Fit fit, Repertoire repertoire, Watch watch) {
        this.fit = fit;
        this.course = fit.score().course();
        this.bar = course.routine().dance().rhythm().bar();
        this.replacements = new Replacements(course, repertoire, Set.of(), watch);
    }

    /** What mends a misfit, the best first; nothing where only another piece would. */
    public static List<FitRepair> of(Misfit misfit, Fit fit, Repertoire repertoire, Watch watch) {
        FitRepairs repairs = new FitRepairs(fit, repertoire, watch);
        List<FitRepair> found = new ArrayList<>();
        if (misfit instanceof Misfit.TooShort shorter) {
            found.addAll(repairs.fill(shorter.left()));
            found.addAll(repairs.cuts(shorter.left()));
        } else if (misfit instanceof Misfit.TooLong longer) {
            found.addAll(repairs.changed(
                    Beats.ZERO.minus(longer.by()),
                    IntStream.range(0, repairs.passages()).boxed().toList()));
        } else if (misfit instanceof Misfit.Straddles straddles) {
            found.addAll(repairs.meeting(straddles));
        } else if (misfit instanceof Misfit.HighlightOffHit off) {
            found.addAll(repairs.moving(off));
        } else if (misfit instanceof Misfit.UnusualTempo unusual) {
            found.addAll(repairs.paced(unusual.barsPerMinute()));
        }
        return found.stream().limit(MOST_REPAIRS).toList();
    }

    private int passages() {
        return replacements.passages();
    }

    /** Figures that last exactly as long as the music is left, and a hold where that is little. */
    private List<FitRepair> fill(Beats left) {
        List<FitRepair> found = new ArrayList<>();
        for (Replacement replacement : replacements.lasting(passages(), passages(), left, MOST_OF_A_KIND)) {
            found.addAll(
                    danced(FitSentences.inTheThatAreLeft(replacements.sentence(replacement), bars(left)), replacement));
        }
        if (canBeHeld(left) && passages() > 0) {
            found.addAll(held(FitSentences.holdTheLastFigureFor(left.wording()), passages(), left));
        }
        return found;
    }

    private boolean canBeHeld(Beats length) {
        return length.isPositive()
                && length.compareTo(bar.times(MOST_HELD_BARS)) <= 0
                && length.fraction().equals(Beats.ZERO);
    }

    private List<FitRepair.Danced> held(String sentence, int before, Beats length) {
        return danced(sentence, Replacement.inserting(before, Element.of(ElementKind.HOLD, length.wholeBeats())));
    }

    /** None where it cannot be written into the routine. */
    private List<FitRepair.Danced> danced(String sentence, Replacement replacement) {
        return replacements
                .rewritten(replacement)
                .map(rewritten -> new FitRepair.Danced(sentence, replacement, rewritten))
                .stream()
                .toList();
    }

    private List<FitRepair> cuts(Beats left) {
        if (left.ticks() % bar.ticks() != 0) {
            return List.of();
        }
        return MusicCut.leavingOut(fit.laying().piece(), left.ticks() / bar.ticks()).stream()
                .limit(MOST_OF_A_KIND)
                .map(cut -> (FitRepair) new FitRepair.Cut(
                        FitSentences.cutTheMusicFromTheEnd(
                                (cut.from() - 1), cut.to(), cut.like().wording()),
                        cut))
                .toList();
    }

    private List<FitRepair.Danced> changed(Beats by, List<Integer> where) {
        return replacements.changing(by, where).stream()
                .flatMap(replacement -> danced(replacements.sentence(replacement) + ".", replacement).stream())
                .toList();
    }

    /**
     * What comes before the bar line is made to end on it, and what follows to last as much longer, so that the rest
     * stays where it is.
     */
    private List<FitRepair.Danced> meeting(Misfit.Straddles straddles) {
        int passage = straddles.passage();
        List<FitRepair.Danced> found = new ArrayList<>();
        for (int before = Math.max(0, passage - Replacements.MOST_REPLACED + 1); before <= passage; before++) {
            for (int after = passage + 1;
                    after <= Math.min(passages(), passage + Replacements.MOST_REPLACED);
                    after++) {
                Beats length = replacements.lengthOf(before, after);
                Beats boundary = fit.laying()
                        .piece()
                        .bar()
                        .times(straddles.bar() - 1)
                        .plus(fit.score().firstBeat())
                        .minus(fit.begins().plus(course.placements().get(before).onset()));
                if (!replacements.staysAsItIs(before, after)
                        && boundary.isPositive()
                        && boundary.compareTo(length) < 0) {
                    replacements
                            .meeting(before, after, length, boundary, MOST_OF_A_KIND)
                            .forEach(replacement -> found.addAll(danced(
                                    FitSentences.barBeginsWithAFigure(
                                            replacements.sentence(replacement), straddles.bar()),
                                    replacement)));
                }
            }
        }
        found.sort(SMALLEST_FIRST);
        return found;
    }

    /**
     * The highlight comes later by a hold before it, or by other figures before it, which may also bring it earlier.
     */
    private List<FitRepair> moving(Misfit.HighlightOffHit off) {
        Beats later = Beats.ZERO.minus(off.away());
        List<Integer> before = IntStream.rangeClosed(
                        Math.max(0, off.passage() - 2 * Replacements.MOST_REPLACED), off.passage() - 1)
                .boxed()
                .toList();
        Stream<FitRepair.Danced> changed = changed(later, before).stream()
                .filter(repair -> repair.replacement().to() <= off.passage());
        List<FitRepair> found = new ArrayList<>(changed.limit(MOST_REPAIRS - 1L).toList());
        if (canBeHeld(later) && off.passage() > 0) {
            found.addAll(held(
                    FitSentences.holdForBeforeThe(
                            later.wording(),
                            course.placements().get(off.passage()).dancing().wording()),
                    off.passage(),
                    later));
        }
        return found;
    }

    /** The nearest tempo at which the dance is usually danced, where the recording bears it. */
    private List<FitRepair> paced(double barsPerMinute) {
        Dance dance = course.routine().dance();
        double wanted = Math.max(
                dance.slowest().barsPerMinute(), Math.min(dance.fastest().barsPerMinute(), barsPerMinute));
        double factor = wanted / barsPerMinute;
        if (Math.abs(factor - 1) > MOST_PACED) {
            return List.of();
        }
        String hundredths = String.format(Locale.ROOT, "%.1f", Math.abs(factor - 1) * HUNDRED);
        return List.of(
                new FitRepair.Paced(FitSentences.playThePieceFasterSlowerAt(hundredths, factor > 1, wanted), factor));
    }

    private String bars(Beats length) {
        return MisfitSentence.length(length, bar);
    }
}
