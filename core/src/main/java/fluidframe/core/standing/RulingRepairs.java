package fluidframe.core.standing;

import fluidframe.core.compose.Watch;
import fluidframe.core.couple.Hold;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.replacing.Replacement;
import fluidframe.core.replacing.Replacements;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.rules.DanceRule;
import fluidframe.core.rules.FigureRule;
import fluidframe.core.rules.HoldRule;
import fluidframe.core.rules.Limits;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Makes a routine stand against a rule it breaks, exactly: what breaks it is exchanged for figures that the rules allow
 * and that last as long; a length is brought within its limits by whole bars or by another tempo. Nothing is offered
 * that leaves the rule broken more often than before, or another one, or a link.
 */
public final class RulingRepairs {

    private static final int MOST_REPAIRS = 5;
    private static final int MOST_ANSWERS = 3;
    private static final Set<Rule> OF_FIGURES = EnumSet.of(
            Rule.LEVEL, Rule.FIGURES, Rule.PARTS, Rule.SYLLABUS, Rule.ACTIONS, Rule.LIFTS, Rule.HOLD, Rule.ELEMENTS);

    private final Standing standing;
    private final Score score;
    private final Course course;
    private final Replacements replacements;
    private final Beats bar;

    private RulingRepairs(Standing standing, Repertoire repertoire, Watch watch) {
        this.standing = standing;
        this.score = standing.score();
        this.course = score.course();
        this.bar = course.routine().dance().rhythm().bar();
        this.replacements = new Replacements(course, repertoire.keeping(this::isAllowed), Set.of(), watch);
    }

    /**
     * What mends a rule that breaks at one of its places, the smallest change first.
     *
     * @param place index of the place; of no account where the rule concerns the whole
     */
    public static List<RulingRepair> of(
            Standing standing, Ruling ruling, int place, Repertoire repertoire, Watch watch) {
        if (ruling.stand() != Stand.BREAKS) {
            return List.of();
        }
        RulingRepairs repairs = new RulingRepairs(standing, repertoire, watch);
        List<RulingRepair> found = new ArrayList<>();
        if (OF_FIGURES.contains(ruling.rule())) {
            found.addAll(repairs.exchanged(ruling, ruling.places().get(place).passage()));
        } else if (ruling.rule() == Rule.SECONDS || ruling.rule() == Rule.BARS) {
            found.addAll(repairs.tempos(ruling));
            found.addAll(repairs.lengths(ruling));
        } else if (ruling.rule() == Rule.TEMPO) {
            found.addAll(repairs.tempos(ruling));
        } else if (ruling.rule() == Rule.ENTRY || ruling.rule() == Rule.EXIT) {
            found.addAll(repairs.leftOut(ruling));
        }
        return found.stream().limit(MOST_REPAIRS).toList();
    }

    /** Whether the rules allow a dancing by itself. */
    private boolean isAllowed(Dancing dancing) {
        FigureRule rule = standing.division().figures();
        Figure figure = dancing.figure();
        boolean allowed = figure.level().compareTo(rule.highest()) <= 0
                && rule.admits(figure.id())
                && Judge.mayBePart(dancing, rule.parts())
                && (rule.lifts() || !Judge.isLift(figure));
        boolean actions = rule.actions().isEmpty()
                || Stream.concat(dancing.danced().man().steps().stream(), dancing.danced().lady().steps().stream())
                        .flatMap(step -> step.actions().stream())
                        .noneMatch(rule.actions()::contains);
        return allowed && actions && (!(standing.division().hold() instanceof HoldRule.Kept) || keepsHold(dancing));
    }

    private static boolean keepsHold(Dancing dancing) {
        boolean changes = Stream.concat(
                        dancing.danced().man().steps().stream(), dancing.danced().lady().steps().stream())
                .anyMatch(step -> step.relation()
                        .hold()
                        .filter(hold -> hold != Hold.CLOSED)
                        .isPresent());
        return dancing.entry().relation().hold() == Hold.CLOSED
                && dancing.exit().relation().hold() == Hold.CLOSED
                && !changes;
    }

    /** The passage, then it with its neighbours. */
    private List<RulingRepair> exchanged(Ruling ruling, int passage) {
        Set<RulingRepair> found = new LinkedHashSet<>();
        for (int size = 1; size <= Replacements.MOST_REPLACED; size++) {
            for (int from = Math.max(0, passage - size + 1);
                    from <= passage && from + size <= replacements.passages();
                    from++) {
                Stopping.check();
                int to = from + size;
                replacements.lasting(from, to, replacements.lengthOf(from, to), MOST_ANSWERS).stream()
                        .flatMap(replacement -> mending(ruling, replacement).stream())
                        .forEach(found::add);
            }
            if (found.size() >= MOST_ANSWERS) {
                break;
            }
        }
        return List.copyOf(found);
    }

    /** Whole bars less or more, the fewest that are enough. */
    private List<RulingRepair> lengths(Ruling ruling) {
        List<RulingRepair> found = new ArrayList<>();
        Limits limits = ruling.rule() == Rule.BARS
                ? standing.division().length().bars()
                : standing.division().length().seconds();
        double length = ruling.measured().orElseThrow();
        boolean tooLong = limits.most().isPresent()
                && !limits.allow(length)
                && limits.least().filter(least -> length < least).isEmpty();
        double perBar = ruling.rule() == Rule.BARS
                ? 1
                : score.seconds() * bar.toDouble() / score.length().toDouble();
        double amiss = tooLong
                ? length - limits.most().get()
                : limits.least().map(least -> least - length).orElse(0.0);
        int bars = Math.max(1, (int) Math.ceil(amiss / perBar - 1e-9));
        if (tooLong) {
            replacements
                    .changing(
                            Beats.ZERO.minus(bar.times(bars)),
                            IntStream.range(0, replacements.passages()).boxed().toList())
                    .stream()
                    .flatMap(replacement -> mending(ruling, replacement).stream())
                    .limit(MOST_ANSWERS)
                    .forEach(found::add);
        } else {
            int end = replacements.passages();
            replacements.lasting(end, end, bar.times(bars), MOST_ANSWERS).stream()
                    .flatMap(replacement -> mending(ruling, replacement).stream())
                    .forEach(found::add);
        }
        return found;
    }

    /** The other tempos that the rules allow, the nearest first; a piece of music has its own. */
    private List<RulingRepair> tempos(Ruling ruling) {
        Routine routine = course.routine();
        if (routine.laying().isPresent()) {
            return List.of();
        }
        Limits limits = standing.division()
                .of(routine.dance())
                .map(DanceRule::tempo)
                .filter(Limits::bind)
                .orElse(Limits.of(
                        routine.dance().slowest().barsPerMinute(),
                        routine.dance().fastest().barsPerMinute()));
        int now = routine.tempo().barsPerMinute();
        int slowest = (int) Math.ceil(limits.least().orElse((double) now));
        int fastest = (int) Math.floor(limits.most().orElse((double) now));
        return IntStream.rangeClosed(Math.min(slowest, fastest), Math.max(slowest, fastest))
                .boxed()
                .filter(tempo -> tempo != now && limits.allow(tempo))
                .sorted((a, b) -> Math.abs(a - now) - Math.abs(b - now))
                .filter(tempo -> mends(ruling, at(tempo)))
                .limit(1)
                .map(tempo -> (RulingRepair)
                        new RulingRepair.OtherTempo(StandingSentences.danceItAtBarsAMinute(tempo, now), tempo))
                .toList();
    }

    private Routine at(int barsPerMinute) {
        Routine now = course.routine();
        return new Routine(
                now.id(),
                now.title(),
                now.dance(),
                new Tempo(barsPerMinute),
                now.conditions(),
                now.placements(),
                now.floor(),
                now.dancers(),
                now.laying());
    }

    private List<RulingRepair> leftOut(Ruling ruling) {
        return ruling.places().stream()
                .map(place -> new Replacement(place.passage(), place.passage() + 1, List.of(), List.of(), 0))
                .flatMap(replacement -> mending(ruling, replacement).stream())
                .toList();
    }

    private Optional<RulingRepair> mending(Ruling ruling, Replacement replacement) {
        return replacements
                .rewritten(replacement)
                .filter(rewritten -> mends(ruling, rewritten.routine()))
                .map(rewritten -> new RulingRepair.Danced(replacements.sentence(replacement) + ".", rewritten));
    }

    private boolean mends(Ruling ruling, Routine changed) {
        Standing after = Standing.of(Score.of(changed), standing.division());
        boolean links = after.score().course().count(Outcome.BREAKS) <= course.count(Outcome.BREAKS);
        return links
                && standing.rulings().stream().allMatch(before -> {
                    Optional<Ruling> now = after.ruling(before.rule()).filter(each -> each.stand() == Stand.BREAKS);
                    boolean mended = before.rule() == ruling.rule();
                    return now.isEmpty()
                            || before.stand() == Stand.BREAKS
                                    && now.get().places().size()
                                            < before.places().size() + (mended ? 0 : 1);
                });
    }
}
