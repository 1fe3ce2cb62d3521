package fluidframe.app.composing;

import fluidframe.app.composing.ComposingDocuments.CompositionQuestion;
import fluidframe.app.composing.ComposingDocuments.FullnessDocument;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.choreography.Brief;
import fluidframe.core.choreography.Term;
import fluidframe.core.compose.Choice;
import fluidframe.core.compose.Fullness;
import fluidframe.core.compose.LikelyCorners;
import fluidframe.core.compose.Relaxation;
import fluidframe.core.compose.Stretch;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Weights;
import fluidframe.core.compose.Wish;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Dancing;
import fluidframe.core.music.MusicMap;
import fluidframe.core.music.MusicSection;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads what is to be composed as a coach says it: to which bar, in the room there is. */
final class WishReader {

    static final int MOST_BARS = 256;
    private static final int WINDOW_BARS = 4;
    private static final int ANSWERS = 5;
    private static final Map<String, UnaryOperator<Taste>> LIFTS = new TreeMap<>(Map.of(
            "opening",
            Taste::withAnyOpening,
            "ending",
            Taste::withAnyEnd,
            "parts",
            Taste::withParts,
            "corners",
            Taste::withCornersAnywhere,
            "required",
            Taste::withPartsOfRequired,
            "often",
            taste -> taste.withMostInAll(Integer.MAX_VALUE),
            "thrice",
            Taste::withThrice));

    private static final Map<String, Fullness> FULLNESS = Map.of("sparse", Fullness.SPARSE, "full", Fullness.FULL);

    private final CompositionQuestion question;
    private final Standing standing;
    private final Beats bar;
    private final int least;
    private final int most;

    /** @throws RefusedException naming everything that cannot be composed */
    WishReader(CompositionQuestion question, Standing standing) {
        this.question = question;
        this.standing = standing;
        this.bar = standing.routine().dance().rhythm().bar();
        int toBar = question.toBar() == null ? 0 : question.toBar() - barsBefore();
        this.least = question.toBar() == null
                ? orRefuse(question.least(), "/least")
                : question.meetsNext() ? Math.min(1, toBar) : toBar;
        this.most = question.toBar() != null ? toBar : orRefuse(question.most(), "/most");
        if (least < 1 || most > MOST_BARS) {
            String place = question.toBar() != null ? "/toBar" : "/most";
            throw new RefusedException(
                    ComposingSentences.thatManyBarsCannotBeComposed(),
                    List.of(Fault.of(
                            place,
                            String.valueOf(question.toBar() != null ? question.toBar() : most),
                            question.toBar() != null
                                    ? ComposingSentences.aBarAfterNoMoreThan(barsBefore(), MOST_BARS)
                                    : ComposingSentences.toBars2(MOST_BARS))));
        }
        checkKnown(question.required(), "/required");
        checkKnown(question.highlights(), "/highlights");
        checkKnown(question.forbidden(), "/forbidden");
    }

    private static int orRefuse(Integer bars, String place) {
        if (bars == null) {
            throw new RefusedException(
                    ComposingSentences.howLongItIsToBe(),
                    List.of(Fault.of(place, "nothing", ComposingSentences.barsOrTheBarItGoes())));
        }
        return bars;
    }

    /** Whole bars danced before the composition begins. */
    int barsBefore() {
        if (question.after() == null) {
            return 0;
        }
        Beats end = standing.placed(question.after())
                .onset()
                .plus(standing.dancing(question.after()).length());
        return end.ticks() / bar.ticks();
    }

    /** How many corners may be turned, the likeliest number first. */
    private List<Integer> corners() {
        if (question.corners() != null) {
            return List.of(Math.max(0, Math.min(question.corners(), Wish.MOST_CORNERS + 1)));
        }
        if (!fitsRoom()) {
            return List.of(0);
        }
        return LikelyCorners.of(
                standing.repertoire(),
                bar.times(most),
                side -> standing.sides(Optional.ofNullable(question.after()), side)
                        .get(side));
    }

    private boolean fitsRoom() {
        return question.fitsRoom() == null ? standing.routine().dance().travels() : question.fitsRoom();
    }

    /**
     * One for each number of corners that is likely, the likeliest first.
     *
     * @throws RefusedException naming what cannot be
     */
    List<Wish> wishes() {
        return corners().stream().map(this::wish).toList();
    }

    /**
     * Whether it leads from one figure into another, so that it fills a gap, which is searched for what is exactly
     * best.
     */
    boolean fillsGap() {
        return question.meetsNext();
    }

    /**
     * The same as a choreographer is asked.
     *
     * @param shelf the amalgamations of the dance
     * @param own which of them are the studio's own
     */
    Brief brief(List<Amalgamation> shelf, Set<String> own) {
        Set<String> groups = shelf.stream().map(group -> group.routine().id()).collect(Collectors.toSet());
        checkGroups(question.requiredAmalgamations(), groups, "/requiredAmalgamations");
        checkGroups(question.forbiddenAmalgamations(), groups, "/forbiddenAmalgamations");
        return new Brief(
                standing.course(),
                Optional.ofNullable(question.after()),
                wishes().get(0),
                Optional.ofNullable(question.corners()),
                fitsRoom(),
                shelf,
                own,
                set(question.requiredAmalgamations()),
                set(question.forbiddenAmalgamations()),
                question.energies() == null ? List.of() : question.energies());
    }

    private static void checkGroups(List<String> asked, Set<String> known, String place) {
        set(asked).stream().filter(id -> !known.contains(id)).findFirst().ifPresent(id -> {
            throw new RefusedException(
                    ComposingSentences.thisDanceHasNoSuchAmalgamation(),
                    List.of(Fault.of(place, id, ComposingSentences.anAmalgamationOfTheDance())));
        });
    }

    private Wish wish(int corners) {
        Optional<Wish.Beginning> from = Optional.ofNullable(question.after())
                .map(after -> new Wish.Beginning(standing.dancing(after).listed(), standing.exit(after)));
        Optional<Dancing> to = question.meetsNext()
                ? Optional.of(standing.dancing(question.after() == null ? 0 : question.after() + 1))
                : Optional.empty();
        try {
            Choice choice = new Choice(
                    withinLevel(question.required()),
                    set(question.forbidden()),
                    set(question.favourites()),
                    withinLevel(question.highlights()));
            MusicMap music = music();
            List<Double> sides =
                    fitsRoom() ? standing.sides(Optional.ofNullable(question.after()), Wish.MOST_CORNERS) : List.of();
            return new Wish(
                    from,
                    to,
                    bar.times(least),
                    bar.times(most),
                    choice,
                    question.mostTimes() == null ? 1 : question.mostTimes(),
                    bar.times(WINDOW_BARS),
                    question.bends(),
                    corners,
                    music,
                    sides,
                    Weights.USUAL,
                    ANSWERS,
                    taste(),
                    stretches());
        } catch (IllegalArgumentException e) {
            throw new RefusedException(
                    ComposingSentences.thisCannotBeComposed(e.getMessage()),
                    List.of(Fault.of("", ComposingSentences.theseWishes(), e.getMessage())));
        }
    }

    /**
     * The piece from there on, with the boundaries and hits that were asked besides its own; what is danced to no piece
     * has only those.
     */
    private MusicMap music() {
        MusicMap heard = standing.course().heard().from(barsBefore() + 1);
        Stream<MusicSection> asked =
                bars(question.boundaries(), "/boundaries").stream().map(number -> new MusicSection(number, ""));
        Stream<Beats> hits = bars(question.hits(), "/hits").stream().map(number -> bar.times(number - 1));
        return heard.withSections(Stream.concat(heard.sections().stream(), asked)
                        .distinct()
                        .toList())
                .withHits(Stream.concat(heard.hits().stream(), hits).collect(Collectors.toSet()));
    }

    private List<Stretch> stretches() {
        List<Stretch> stretches = new ArrayList<>();
        for (FullnessDocument each : question.fullness() == null ? List.<FullnessDocument>of() : question.fullness()) {
            if (each.from() < 1 || each.to() < each.from() || each.to() > MOST_BARS) {
                throw new RefusedException(
                        ComposingSentences.thereAreNoSuchBars(),
                        List.of(Fault.of(
                                "/fullness",
                                each.from() + " to " + each.to(),
                                ComposingSentences.barsFrom1ToTheFirst(MOST_BARS))));
            }
            Fullness fullness = FULLNESS.get(each.fullness());
            if (fullness == null) {
                throw new RefusedException(
                        ComposingSentences.musicIsDancedSparseOrFull(),
                        List.of(Fault.of("/fullness", each.fullness(), ComposingSentences.sparseOrFull())));
            }
            stretches.add(new Stretch(bar.times(each.from() - 1), bar.times(each.to()), fullness));
        }
        return stretches;
    }

    /**
     * What is asked once something is given up; nothing where the question has no word for it.
     *
     * @param relaxation of one of the wishes
     */
    Optional<CompositionQuestion> relaxed(Relaxation relaxation) {
        return new RelaxedQuestion(question, barsBefore(), bar, LIFTS).of(relaxation);
    }

    private Taste taste() {
        Taste taste = Taste.of(most, standing.repertoire());
        for (String each : question.lifted() == null ? List.<String>of() : question.lifted()) {
            if (!LIFTS.containsKey(each)) {
                throw new RefusedException(
                        ComposingSentences.nothingOfThatNameCanBe(),
                        List.of(Fault.of("/lifted", each, ComposingSentences.oneOf2(LIFTS.keySet()))));
            }
            taste = LIFTS.get(each).apply(taste);
        }
        return taste;
    }

    /** Bars that are counted from 1, in order. */
    private static SortedSet<Integer> bars(List<Integer> asked, String place) {
        SortedSet<Integer> bars = new TreeSet<>(asked == null ? List.of() : asked);
        bars.stream()
                .filter(number -> number < 1 || number > MOST_BARS)
                .findFirst()
                .ifPresent(number -> {
                    throw new RefusedException(
                            ComposingSentences.thereIsNoSuchBar(),
                            List.of(Fault.of(
                                    place, String.valueOf(number), ComposingSentences.barsFrom1To(MOST_BARS))));
                });
        return bars;
    }

    /** How much each term counts, where the question says so. */
    Map<Term, Integer> weights() {
        Map<Term, Integer> points = new EnumMap<>(Term.class);
        Map<String, Term> names = Stream.of(Term.values())
                .filter(Term::isWeighed)
                .collect(Collectors.toMap(ComposingDocuments::name, term -> term));
        (question.weights() == null ? Map.<String, Integer>of() : question.weights()).forEach((name, each) -> {
            if (!names.containsKey(name)) {
                throw new RefusedException(
                        ComposingSentences.nothingOfThatNameIsCounted(),
                        List.of(Fault.of("/weights", name, ComposingSentences.oneOf3(new TreeSet<>(names.keySet())))));
            }
            if (each < 0 || each > Term.MOST_WEIGHT) {
                throw new RefusedException(
                        ComposingSentences.nothingCountsSoMuch(),
                        List.of(Fault.of(
                                "/weights/" + name,
                                String.valueOf(each),
                                ComposingSentences.aWeightFrom0To(Term.MOST_WEIGHT, Term.USUAL_WEIGHT))));
            }
            points.put(names.get(name), each);
        });
        return points;
    }

    /** A figure above the routine's level is known, and left out with a sentence. */
    private void checkKnown(List<String> ids, String place) {
        Set<String> known =
                standing.repertoire().figures().stream().map(Figure::id).collect(Collectors.toSet());
        set(ids).stream().filter(id -> !known.contains(id)).findFirst().ifPresent(id -> {
            throw new RefusedException(
                    ComposingSentences.thisDanceHasNoSuchFigure(),
                    List.of(Fault.of(place, id, ComposingSentences.aFigureOfTheDance())));
        });
    }

    /** What is left out of the wish, and why. */
    List<String> notes() {
        Level highest = standing.repertoire().conditions().highest();
        return standing.repertoire().figures().stream()
                .filter(figure -> isAbove(figure)
                        && (set(question.required()).contains(figure.id())
                                || set(question.highlights()).contains(figure.id())))
                .map(figure -> ComposingSentences.theIsAndThisRoutineGoes(figure.title(), figure.level(), highest))
                .toList();
    }

    private boolean isAbove(Figure figure) {
        return figure.level().compareTo(standing.repertoire().conditions().highest()) > 0;
    }

    private Set<String> withinLevel(List<String> ids) {
        Set<String> above = standing.repertoire().figures().stream()
                .filter(this::isAbove)
                .map(Figure::id)
                .collect(Collectors.toSet());
        return set(ids).stream().filter(id -> !above.contains(id)).collect(Collectors.toSet());
    }

    private static Set<String> set(List<String> ids) {
        return ids == null ? Set.of() : Set.copyOf(ids);
    }
}
