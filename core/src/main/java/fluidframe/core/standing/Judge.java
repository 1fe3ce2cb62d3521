package fluidframe.core.standing;

import fluidframe.core.couple.Hold;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Split;
import fluidframe.core.link.Aspect;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.Link;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Verdict;
import fluidframe.core.music.TempoMap;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.rules.DanceRule;
import fluidframe.core.rules.Division;
import fluidframe.core.rules.FigureRule;
import fluidframe.core.rules.HoldRule;
import fluidframe.core.rules.LengthRule;
import fluidframe.core.rules.Limits;
import fluidframe.core.rules.PartsRule;
import fluidframe.core.text.Term;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Holds a routine against the rules of a division, one after another. A routine begins with its first figure and ends
 * with its last: what couples do before and after is entry and exit, and counts as part of the routine only where the
 * rules have no time of its own for it.
 */
final class Judge {

    /**
     * Closer to a limit than this, seconds or bars, a routine is near it: a band that plays two hundredths slower takes
     * it over.
     */
    private static final double NEAR_SHARE = 0.02;
    /** Closer to the slowest or fastest tempo than this, bars a minute, it is near. */
    private static final double NEAR_TEMPO = 0.5;
    /** Limits closer to each other than four times that have no middle; there nothing is near. */
    private static final int QUARTERS = 4;
    /** Sums of seconds that differ by less are the same. */
    private static final double SECONDS_ALIKE = 1e-6;

    private static final double THOUSAND = 1000;

    private final Score score;
    private final Division division;
    private final Routine routine;
    private final TempoMap tempo;
    private final int firstFigure;
    private final int lastFigure;

    Judge(Score score, Division division) {
        this.score = score;
        this.division = division;
        this.routine = score.routine();
        this.tempo = routine.music().tempo();
        List<Integer> figures = IntStream.range(0, score.placements().size())
                .filter(this::isFigure)
                .boxed()
                .toList();
        this.firstFigure = figures.isEmpty() ? 0 : figures.get(0);
        this.lastFigure = figures.isEmpty() ? score.placements().size() - 1 : figures.get(figures.size() - 1);
    }

    List<Ruling> rulings() {
        Optional<DanceRule> asked = division.of(routine.dance());
        List<Ruling> rulings = new ArrayList<>();
        rulings.add(new Ruling(
                Rule.DANCE,
                asked.isPresent() ? Stand.HOLDS : Stand.BREAKS,
                routine.dance().title(),
                division.dances().stream()
                        .map(DanceRule::dance)
                        .map(Dance::title)
                        .collect(Collectors.joining(", ")),
                List.of()));
        if (!score.placements().isEmpty()) {
            asked.map(DanceRule::tempo).filter(Limits::bind).ifPresent(limits -> rulings.add(tempo(limits)));
            lengths().forEach(rulings::add);
            figures(division.figures()).forEach(rulings::add);
            hold().ifPresent(rulings::add);
        }
        return rulings;
    }

    private boolean isFigure(int passage) {
        return score.placements().get(passage).placement().item() instanceof Dancing;
    }

    private double secondsAt(Beats onset) {
        return tempo.seconds(score.firstBeat().plus(onset));
    }

    private double secondsBetween(Beats from, Beats to) {
        return secondsAt(to) - secondsAt(from);
    }

    private Beats end(int passage) {
        ScoredPlacement placed = score.placements().get(passage);
        return placed.onset().plus(placed.length());
    }

    /** Every tempo at which something is danced. */
    private Ruling tempo(Limits limits) {
        List<Place> places = new ArrayList<>();
        double slowest = Double.POSITIVE_INFINITY;
        double fastest = 0;
        for (int i = firstFigure; i <= lastFigure; i++) {
            ScoredPlacement placed = score.placements().get(i);
            double begins = rounded(
                    tempo.barsPerMinute(score.firstBeat().plus(placed.onset()).toDouble()));
            double ends = rounded(tempo.barsPerMinute(
                    Math.nextDown(score.firstBeat().plus(end(i)).toDouble())));
            slowest = Math.min(slowest, Math.min(begins, ends));
            fastest = Math.max(fastest, Math.max(begins, ends));
            if (!limits.allow(begins) || !limits.allow(ends)) {
                places.add(Place.of(i, placed));
            }
        }
        double room = Math.min(limits.room(slowest), limits.room(fastest));
        Stand stand = !places.isEmpty()
                ? Stand.BREAKS
                : room < Math.min(NEAR_TEMPO, limits.width() / QUARTERS) ? Stand.NEAR : Stand.HOLDS;
        String found = slowest == fastest ? Limits.said(slowest) : Limits.said(slowest) + " to " + Limits.said(fastest);
        return new Ruling(Rule.TEMPO, stand, StandingSentences.barsAMinute(found), limits.toString(), places);
    }

    /** Without the last digits of what was worked out. */
    private static double rounded(double barsPerMinute) {
        return Math.round(barsPerMinute * THOUSAND) / THOUSAND;
    }

    /** How long the routine lasts, in seconds or in bars. */
    private double length(Rule rule) {
        return rule == Rule.BARS ? bars(begins(), ends()) : secondsBetween(begins(), ends());
    }

    private Beats begins() {
        return division.length().entry().isPresent()
                ? score.placements().get(firstFigure).onset()
                : Beats.ZERO;
    }

    private Beats ends() {
        return division.length().exit().isPresent() ? end(lastFigure) : score.length();
    }

    private double bars(Beats from, Beats to) {
        return to.minus(from).toDouble() / routine.dance().rhythm().bar().toDouble();
    }

    private List<Ruling> lengths() {
        LengthRule rule = division.length();
        List<Ruling> rulings = new ArrayList<>();
        Beats begins = begins();
        Beats ends = ends();
        if (rule.seconds().bind()) {
            double seconds = length(Rule.SECONDS);
            rulings.add(limited(
                    Rule.SECONDS,
                    rule.seconds(),
                    seconds,
                    StandingSentences.seconds(seconds, Limits.said(seconds)),
                    placed -> secondsBetween(begins, placed.onset().plus(placed.length()))));
        }
        if (rule.bars().bind()) {
            double bars = length(Rule.BARS);
            rulings.add(limited(
                    Rule.BARS,
                    rule.bars(),
                    bars,
                    StandingSentences.bars(bars, Limits.said(bars)),
                    placed -> bars(begins, placed.onset().plus(placed.length()))));
        }
        rule.entry()
                .ifPresent(most ->
                        rulings.add(aside(Rule.ENTRY, most, secondsBetween(Beats.ZERO, begins), 0, firstFigure)));
        rule.exit()
                .ifPresent(most -> rulings.add(aside(
                        Rule.EXIT,
                        most,
                        secondsBetween(ends, score.length()),
                        lastFigure + 1,
                        score.placements().size())));
        return rulings;
    }

    /** @param until how much there is once a passage has been danced */
    private Ruling limited(
            Rule rule, Limits limits, double value, String found, Function<ScoredPlacement, Double> until) {
        List<Place> over = limits.most().stream()
                .flatMap(most -> IntStream.range(0, score.placements().size())
                        .filter(i -> until.apply(score.placements().get(i)) > most + SECONDS_ALIKE)
                        .boxed())
                .limit(1)
                .map(i -> Place.of(i, score.placements().get(i)))
                .toList();
        boolean allowed = limits.allow(value) || limits.room(value) < SECONDS_ALIKE;
        boolean near = limits.room(value) < Math.min(NEAR_SHARE * value, limits.width() / QUARTERS);
        return new Ruling(
                rule,
                !allowed ? Stand.BREAKS : near ? Stand.NEAR : Stand.HOLDS,
                found,
                OptionalDouble.of(value),
                limits.toString(),
                allowed ? List.of() : over);
    }

    private Ruling aside(Rule rule, double most, double seconds, int from, int to) {
        boolean breaks = seconds > most + SECONDS_ALIKE;
        List<Place> places = breaks
                ? IntStream.range(from, to)
                        .mapToObj(i -> Place.of(i, score.placements().get(i)))
                        .toList()
                : List.of();
        Stand stand = breaks ? Stand.BREAKS : seconds > most * (1 - NEAR_SHARE) ? Stand.NEAR : Stand.HOLDS;
        return new Ruling(
                rule,
                stand,
                StandingSentences.seconds(seconds, Limits.said(seconds)),
                OptionalDouble.of(seconds),
                Limits.atMost(most).toString(),
                places);
    }

    private List<Ruling> figures(FigureRule rule) {
        List<Ruling> rulings = new ArrayList<>();
        if (rule.highest() != Level.OPEN) {
            List<Place> high = placed((i, dancing) -> dancing.figure().level().compareTo(rule.highest()) > 0);
            rulings.add(new Ruling(
                    Rule.LEVEL,
                    standing(high),
                    highest(),
                    StandingSentences.atMost(rule.highest().wording()),
                    high));
        }
        if (!rule.allowed().isEmpty() || !rule.barred().isEmpty()) {
            List<Place> others =
                    placed((i, dancing) -> !rule.admits(dancing.figure().id()));
            rulings.add(new Ruling(
                    Rule.FIGURES,
                    standing(others),
                    StandingSentences.figuresNotOnTheList(others.size()),
                    rule.allowed().isEmpty()
                            ? StandingSentences.allBut(rule.barred().size())
                            : rule.allowed().size() + " figures",
                    others));
        }
        if (rule.parts() != PartsRule.ANY) {
            List<Place> parts = placed((i, dancing) -> !mayBePart(dancing, rule.parts()));
            rulings.add(new Ruling(
                    Rule.PARTS,
                    standing(parts),
                    StandingSentences.otherParts(parts.size()),
                    rule.parts().wording(),
                    parts));
        }
        if (rule.syllabus()) {
            List<Place> unlisted = IntStream.range(1, score.placements().size())
                    .filter(this::isUnlisted)
                    .mapToObj(i -> Place.of(i, score.placements().get(i)))
                    .toList();
            rulings.add(new Ruling(
                    Rule.SYLLABUS,
                    standing(unlisted),
                    StandingSentences.figuresNotListed(unlisted.size()),
                    StandingSentences.listedFiguresFollowEachOther(),
                    unlisted));
        }
        if (!rule.elements().isEmpty()) {
            List<Place> barred = IntStream.range(0, score.placements().size())
                    .filter(i -> score.placements().get(i).placement().item() instanceof Element element
                            && rule.elements().contains(element.kind()))
                    .mapToObj(i -> Place.of(i, score.placements().get(i)))
                    .toList();
            rulings.add(new Ruling(
                    Rule.ELEMENTS,
                    standing(barred),
                    StandingSentences.barredElements(barred.size()),
                    "no " + names(rule.elements()),
                    barred));
        }
        if (!rule.actions().isEmpty()) {
            List<Place> barred = score.steps().stream()
                    .filter(step -> step.step().actions().stream().anyMatch(rule.actions()::contains))
                    .map(this::place)
                    .toList();
            rulings.add(new Ruling(
                    Rule.ACTIONS,
                    standing(barred),
                    StandingSentences.barredSteps(barred.size()),
                    "no " + names(rule.actions()),
                    barred));
        }
        if (!rule.lifts()) {
            List<Place> lifts = placed((i, dancing) -> isLift(dancing.figure()));
            rulings.add(new Ruling(
                    Rule.LIFTS,
                    standing(lifts),
                    StandingSentences.lifts(lifts.size()),
                    StandingSentences.noLifts(),
                    lifts));
        }
        return rulings;
    }

    private List<Place> placed(BiPredicate<Integer, Dancing> offends) {
        return IntStream.range(0, score.placements().size())
                .filter(i -> score.placements().get(i).placement().item() instanceof Dancing dancing
                        && offends.test(i, dancing))
                .mapToObj(i -> Place.of(i, score.placements().get(i)))
                .toList();
    }

    private String highest() {
        return figuresDanced()
                .map(Figure::level)
                .max(Enum::compareTo)
                .map(Term::wording)
                .orElse(StandingSentences.noFigures());
    }

    private Stream<Figure> figuresDanced() {
        return score.placements().stream()
                .map(placed -> placed.placement().item())
                .filter(Dancing.class::isInstance)
                .map(item -> ((Dancing) item).figure());
    }

    static boolean isLift(Figure figure) {
        return figure.teaching().cautions().contains(Caution.LIFT);
    }

    static boolean mayBePart(Dancing dancing, PartsRule rule) {
        Optional<Split> split = dancing.way().split().flatMap(dancing.figure().variants()::split);
        return split.map(part -> rule == PartsRule.ANY
                        || rule == PartsRule.IN_USE && part.purpose().isPresent())
                .orElse(true);
    }

    private boolean isUnlisted(int passage) {
        Course course = score.course();
        ScoredPlacement before = course.placements().get(passage - 1);
        ScoredPlacement after = course.placements().get(passage);
        Verdict verdict = Link.between(
                course.exit(passage - 1),
                after.dancing().entry(),
                before.dancing().figure(),
                after.dancing().figure(),
                new Conditions(true, routine.conditions().highest()));
        return verdict.comparisons().stream()
                .anyMatch(comparison ->
                        comparison.aspect() == Aspect.NEIGHBOURS && comparison.outcome() == Outcome.BREAKS);
    }

    private Optional<Ruling> hold() {
        if (division.hold() instanceof HoldRule.Kept) {
            List<Place> open = inFigures()
                    .filter(step -> step.relation().hold() != Hold.CLOSED)
                    .map(this::place)
                    .toList();
            return Optional.of(new Ruling(
                    Rule.HOLD,
                    standing(open),
                    StandingSentences.stepsOutOfClosedHold(open.size()),
                    StandingSentences.closedHoldKept(),
                    open));
        }
        if (division.hold() instanceof HoldRule.Apart apart) {
            return Optional.of(apart(apart));
        }
        return Optional.empty();
    }

    private Stream<ScoreStep> inFigures() {
        return score.steps().stream().filter(step -> step.placement() >= firstFigure && step.placement() <= lastFigure);
    }

    /**
     * From a step that lets go of the last hand to one that takes one again.
     *
     * @param seconds how long that lasts
     */
    private record Stretch(ScoreStep from, double seconds) {}

    private List<Stretch> stretchesApart() {
        List<Stretch> stretches = new ArrayList<>();
        ScoreStep letGo = null;
        for (ScoreStep step : inFigures().toList()) {
            boolean apart = step.relation().hold() == Hold.NONE;
            if (!apart && letGo != null) {
                stretches.add(new Stretch(letGo, secondsBetween(letGo.onset(), step.onset())));
            }
            letGo = apart ? letGo == null ? step : letGo : null;
        }
        if (letGo != null) {
            stretches.add(new Stretch(letGo, secondsBetween(letGo.onset(), end(lastFigure))));
        }
        return stretches;
    }

    private Ruling apart(HoldRule.Apart rule) {
        List<Stretch> stretches = stretchesApart();
        double inAll = stretches.stream().mapToDouble(Stretch::seconds).sum();
        double longest = stretches.stream().mapToDouble(Stretch::seconds).max().orElse(0);
        boolean tooMuch = over(rule.inAll(), inAll, 1);
        List<Place> places = stretches.stream()
                .filter(stretch -> tooMuch || over(rule.atOnce(), stretch.seconds(), 1))
                .map(stretch -> place(stretch.from()))
                .toList();
        boolean near = over(rule.atOnce(), longest, 1 - NEAR_SHARE) || over(rule.inAll(), inAll, 1 - NEAR_SHARE);
        String wanted = Stream.of(
                        rule.atOnce().map(most -> StandingSentences.secondsAtOnce(most, Limits.said(most))),
                        rule.inAll().map(most -> StandingSentences.secondsInAll(most, Limits.said(most))))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
        return new Ruling(
                Rule.HOLD,
                !places.isEmpty() ? Stand.BREAKS : near ? Stand.NEAR : Stand.HOLDS,
                inAll == 0
                        ? StandingSentences.neverApart()
                        : StandingSentences.apartForSecondsAtOnce(
                                StandingSentences.seconds(inAll, Limits.said(inAll)), Limits.said(longest)),
                StandingSentences.apartForAtMost(wanted),
                places);
    }

    private static boolean over(Optional<Double> most, double value, double share) {
        return most.filter(limit -> value > limit * share + SECONDS_ALIKE).isPresent();
    }

    private Place place(ScoreStep step) {
        return Place.of(step, score.placements().get(step.placement()));
    }

    private static Stand standing(Collection<Place> offending) {
        return offending.isEmpty() ? Stand.HOLDS : Stand.BREAKS;
    }

    private static String names(Collection<? extends Term> terms) {
        return terms.stream().map(Term::wording).sorted().collect(Collectors.joining(", "));
    }
}
