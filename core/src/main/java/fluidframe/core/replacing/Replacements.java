package fluidframe.core.replacing;

import fluidframe.core.compose.Choice;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Watch;
import fluidframe.core.compose.Wish;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Item;
import fluidframe.core.link.Link;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.text.Series;
import fluidframe.core.time.Beats;
import fluidframe.core.work.Stopping;
import fluidframe.core.work.TooMuchException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** Exchanges passages of a routine for what a dance has, exactly as long as is wanted. */
public final class Replacements {

    /** Figures next to each other that are exchanged together. */
    public static final int MOST_REPLACED = 3;

    private static final int WINDOW_BARS = 4;

    /** The fewest passages first, of those the one the composer likes best. */
    public static final Comparator<Replacement> SMALLEST_FIRST =
            Comparator.comparingInt(Replacement::replaced).thenComparing(replacement -> -replacement.points());

    private final Course course;
    private final Repertoire repertoire;
    private final Choice choice;
    private final Watch watch;

    /**
     * @param forbidden ids of the figures that must not come in
     * @param watch says when to be content with what has been found
     */
    public Replacements(Course course, Repertoire repertoire, Set<String> forbidden, Watch watch) {
        this.course = course;
        this.repertoire = repertoire;
        this.choice = new Choice(Set.of(), forbidden, Set.of(), Set.of());
        this.watch = watch;
    }

    public int passages() {
        return course.placements().size();
    }

    /** What could be danced for so many beats from one passage to before another, the best first. */
    public List<Replacement> lasting(int from, int to, Beats length, int answers) {
        return composed(from, to, length, answers).stream()
                .map(composition -> of(from, to, composition))
                .toList();
    }

    /** The same where one of what comes in begins after so many beats. */
    public List<Replacement> meeting(int from, int to, Beats length, Beats boundary, int answers) {
        return composed(from, to, length, answers).stream()
                .filter(composition -> composition.steps().stream()
                        .anyMatch(piece -> piece.onset().equals(boundary)))
                .map(composition -> of(from, to, composition))
                .toList();
    }

    /**
     * As few passages as can be exchanged for others that last longer by so much, or shorter where it is less than
     * zero, or left out where the next follows anyway.
     */
    public List<Replacement> changing(Beats by, List<Integer> where) {
        List<Replacement> found = new ArrayList<>();
        for (int from : where) {
            int first = from + 1;
            while (first < passages() && lengthOf(from, first).plus(by).compareTo(Beats.ZERO) < 0) {
                first++;
            }
            for (int to = first; to < Math.min(passages() + 1, first + MOST_REPLACED); to++) {
                Stopping.check();
                Beats length = lengthOf(from, to).plus(by);
                if (length.isPositive() && !staysAsItIs(from, to)) {
                    found.addAll(lasting(from, to, length, 1));
                } else if (length.equals(Beats.ZERO) && !staysAsItIs(from, to) && followsWithout(from, to)) {
                    found.add(new Replacement(from, to, List.of(), List.of(), 0));
                }
            }
        }
        found.sort(SMALLEST_FIRST);
        return found;
    }

    public Beats lengthOf(int from, int to) {
        return course.placements().subList(from, to).stream()
                .map(ScoredPlacement::length)
                .reduce(Beats.ZERO, Beats::plus);
    }

    /** Corners stay where the room has them, and what is danced several times is not changed for one of them. */
    public boolean staysAsItIs(int from, int to) {
        return IntStream.range(from, to)
                .anyMatch(passage ->
                        course.placements().get(passage).placement().cornerAfter() || isDancedAgain(passage));
    }

    private boolean isDancedAgain(int passage) {
        int placement = course.placements().get(passage).passage().index();
        return course.placements().stream()
                        .filter(other -> other.passage().index() == placement)
                        .count()
                > 1;
    }

    private boolean followsWithout(int from, int to) {
        boolean inside = from > 0 && to < passages();
        return !inside
                || Link.between(
                                        course.exit(from - 1),
                                        course.placements().get(to).dancing().entry(),
                                        course.placements()
                                                .get(from - 1)
                                                .dancing()
                                                .figure(),
                                        course.placements().get(to).dancing().figure(),
                                        course.routine().conditions())
                                .outcome()
                        != Outcome.BREAKS;
    }

    private List<Composition> composed(int from, int to, Beats length, int answers) {
        Beats bar = course.routine().dance().rhythm().bar();
        Optional<Wish.Beginning> beginning = from == 0
                ? Optional.empty()
                : Optional.of(new Wish.Beginning(
                        course.placements().get(from - 1).dancing().listed(), course.exit(from - 1)));
        Optional<Dancing> next = to == passages()
                ? Optional.empty()
                : Optional.of(course.placements().get(to).dancing());
        MusicMap music = MusicMap.plain(
                bar,
                course.routine().dance().music().phraseBars(),
                course.routine().music().tempo());
        int corners = (int) course.placements().subList(from, to).stream()
                .filter(placed -> placed.placement().cornerAfter())
                .count();
        Wish wish = Wish.of(length, length, music)
                .withFrom(beginning)
                .withTo(next)
                .withChoice(choice)
                .withWindow(bar.times(WINDOW_BARS))
                .withBends(true)
                .withCorners(corners)
                .withAnswers(answers)
                .withTaste(Taste.FREE.withWholeFigures());
        return Composer.search(repertoire, wish, watch).compositions();
    }

    private static Replacement of(int from, int to, Composition composition) {
        List<Item> danced = composition.steps().stream()
                .map(piece -> (Item) piece.dancing())
                .toList();
        List<Integer> corners = IntStream.range(0, danced.size())
                .filter(i -> composition.steps().get(i).cornerAfter())
                .boxed()
                .toList();
        return new Replacement(from, to, danced, corners, composition.points());
    }

    /**
     * A replacement written into the routine, for every time that its placements are danced; what comes in begins the
     * section that what goes began. Empty where placements that are not danced equally often would go together, or
     * where it would be too long to dance.
     */
    public Optional<Rewritten> rewritten(Replacement replacement) {
        int from = placementAt(replacement.from());
        int to = replacement.replaced() == 0 ? from : placementAt(replacement.to() - 1) + 1;
        List<Placement> now = course.routine().placements();
        List<Placement> going = to < from ? List.of() : now.subList(from, to);
        if (going.size() != replacement.replaced()
                || going.stream().map(Placement::rounds).distinct().count() > 1
                || going.stream()
                        .skip(1)
                        .anyMatch(placement -> placement.section().isPresent())) {
            return Optional.empty();
        }
        List<Placement> placements = new ArrayList<>(now.subList(0, from));
        List<Integer> origins = new ArrayList<>(IntStream.range(0, from).boxed().toList());
        for (int i = 0; i < replacement.danced().size(); i++) {
            Placement danced = Placement.of(replacement.danced().get(i))
                    .withCornerAfter(replacement.corners().contains(i));
            placements.add(
                    going.isEmpty()
                            ? danced
                            : danced.withRounds(going.get(0).rounds())
                                    .withSection(i == 0 ? going.get(0).section() : Optional.empty()));
            origins.add(Rewritten.NEW);
        }
        placements.addAll(now.subList(to, now.size()));
        IntStream.range(to, now.size()).forEach(origins::add);
        try {
            return Optional.of(new Rewritten(course.routine().placing(placements), origins));
        } catch (TooMuchException e) {
            return Optional.empty();
        }
    }

    private int placementAt(int passage) {
        return passage == passages()
                ? course.routine().placements().size()
                : course.placements().get(passage).passage().index();
    }

    /** "Dance Whisk and Chassé instead of Natural Turn", without the full stop. */
    public String sentence(Replacement replacement) {
        if (replacement.danced().isEmpty()) {
            return ReplacingSentences.leaveOut(names(replacement.from(), replacement.to()));
        }
        String instead = replacement.replaced() == 0
                ? ""
                : ReplacingSentences.insteadOf(names(replacement.from(), replacement.to()));
        return "Dance "
                + Series.of(replacement.danced().stream().map(Item::wording).toList()) + instead;
    }

    private String names(int from, int to) {
        return Series.of(IntStream.range(from, to)
                .mapToObj(passage -> course.placements().get(passage).dancing().wording())
                .toList());
    }
}
