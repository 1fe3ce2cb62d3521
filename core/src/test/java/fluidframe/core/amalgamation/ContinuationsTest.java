package fluidframe.core.amalgamation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Outcome;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Section;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ContinuationsTest {

    private static final Figure LEFT = walk("left", "LF", "LOD", "");
    private static final Figure RIGHT = walk("right", "RF", "LOD", "");
    private static final Figure OTHER = walk("other", "RF", "LOD", "");
    private static final Figure HARD = SmallBook.at(Level.SILVER, walk("hard", "RF", "LOD", ""));

    private static Figure walk(String id, String foot, String facing, String turn) {
        return SmallBook.walk(id, foot, facing, turn, "left", "right", "other", "hard");
    }

    private static List<Placement> placements(Figure... figures) {
        return Stream.of(figures)
                .map(figure -> Placement.of(Dancing.of(figure, Way.AS_CHARTED)))
                .toList();
    }

    private static Routine routine(String id, Level highest, List<Placement> placements) {
        return new Routine(
                id, id, Dances.find("waltz").orElseThrow(), new Tempo(29), new Conditions(false, highest), placements);
    }

    private static Amalgamation amalgamation(String id, Level level, AmalgamationUse use, Figure... figures) {
        return new Amalgamation(routine(id, Level.OPEN, placements(figures)), level, Set.of(use), 3, "");
    }

    private static List<String> offered(Course course, Integer after, Amalgamation... amalgamations) {
        return new Continuations(course, Optional.ofNullable(after))
                .of(List.of(amalgamations)).stream()
                        .map(each -> each.amalgamation().routine().id())
                        .toList();
    }

    @Test
    void offersOnlyWhatCanBeDancedThere() {
        Course course = Course.of(routine("r", Level.BRONZE, placements(LEFT)));
        assertEquals(
                List.of("fits"),
                offered(
                        course,
                        0,
                        amalgamation("wrong-foot", Level.BRONZE, AmalgamationUse.GROUP, LEFT, RIGHT),
                        amalgamation("broken-inside", Level.BRONZE, AmalgamationUse.GROUP, RIGHT, RIGHT),
                        amalgamation("too-hard", Level.SILVER, AmalgamationUse.GROUP, HARD, LEFT),
                        amalgamation("fits", Level.BRONZE, AmalgamationUse.GROUP, RIGHT, LEFT)));
    }

    @Test
    void putsOpeningsWhereARoutineBeginsAndNowhereElse() {
        Amalgamation opening = amalgamation("a-opening", Level.BRONZE, AmalgamationUse.OPENING, OTHER, LEFT);
        Amalgamation group = amalgamation("group", Level.BRONZE, AmalgamationUse.GROUP, OTHER, LEFT);
        Course course = Course.of(routine("r", Level.OPEN, placements(LEFT)));
        assertEquals(List.of("group", "a-opening"), offered(course, 0, opening, group));
        Course empty = Course.of(routine("r", Level.OPEN, List.of()));
        assertEquals(List.of("a-opening", "group"), offered(empty, null, group, opening));
    }

    @Test
    void prefersWhatWasNotDancedShortlyBefore() {
        Course course = Course.of(routine("r", Level.OPEN, placements(RIGHT, LEFT)));
        Amalgamation again = amalgamation("again", Level.BRONZE, AmalgamationUse.GROUP, RIGHT, LEFT);
        Amalgamation other = amalgamation("other", Level.BRONZE, AmalgamationUse.GROUP, OTHER, LEFT);
        assertEquals(List.of("other", "again"), offered(course, 1, again, other));
    }

    @Test
    void saysHowItFitsWhatFollowsAndIsDancedThereOnce() {
        List<Placement> twice = List.of(
                placements(LEFT).get(0).beginning(new Section("Verse", 2)),
                placements(RIGHT).get(0));
        Course course = Course.of(routine("r", Level.OPEN, twice));
        Continuation fits = new Continuations(course, Optional.of(0))
                .of(List.of(amalgamation("fits", Level.BRONZE, AmalgamationUse.GROUP, OTHER, LEFT)))
                .get(0);
        assertEquals(Optional.of(Outcome.HOLDS), fits.out());
        Continuation breaks = new Continuations(course, Optional.of(0))
                .of(List.of(amalgamation("breaks", Level.BRONZE, AmalgamationUse.GROUP, OTHER)))
                .get(0);
        assertEquals(Optional.of(Outcome.BREAKS), breaks.out());
    }

    @Test
    void endsAPhraseWhereTheMusicDoes() {
        int phrase = Dances.find("waltz").orElseThrow().music().phraseBars();
        List<Placement> before = Stream.iterate(0, each -> each + 1)
                .limit(phrase - 2)
                .map(each -> placements(each % 2 == 0 ? LEFT : RIGHT).get(0))
                .toList();
        Course course = Course.of(routine("r", Level.OPEN, before));
        List<Continuation> found = new Continuations(course, Optional.of(before.size() - 1))
                .of(List.of(
                        amalgamation("two", Level.BRONZE, AmalgamationUse.GROUP, LEFT, RIGHT),
                        amalgamation("one", Level.BRONZE, AmalgamationUse.GROUP, LEFT)));
        assertEquals(2, found.size());
        assertTrue(found.stream()
                .allMatch(each ->
                        each.endsPhrase() == each.amalgamation().routine().id().equals("two")));
    }

    @Test
    void isNeverBelowItsHardestFigure() {
        assertThrows(
                IllegalArgumentException.class,
                () -> amalgamation("low", Level.BRONZE, AmalgamationUse.GROUP, HARD, LEFT));
    }
}
