package fluidframe.core.choreography;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import fluidframe.core.SmallBook;
import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.amalgamation.AmalgamationUse;
import fluidframe.core.compose.Choice;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Wish;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ChoreographerTest {

    private static final Dance WALTZ = Dances.find("waltz").orElseThrow();
    private static final Figure LEFT = SmallBook.walk("left", "LF", "LOD", "");
    private static final Figure RIGHT = SmallBook.walk("right", "RF", "LOD", "");
    private static final Figure OTHER_LEFT = SmallBook.walk("other-left", "LF", "LOD", "");
    private static final Figure OTHER_RIGHT = SmallBook.walk("other-right", "RF", "LOD", "");
    private static final List<Figure> BOOK = List.of(LEFT, RIGHT, OTHER_LEFT, OTHER_RIGHT);
    private static final Conditions CONDITIONS = new Conditions(false, Level.OPEN);

    private static final Amalgamation OPENING = amalgamation("opening", AmalgamationUse.OPENING, LEFT, RIGHT);
    private static final Amalgamation FIRST = amalgamation("first", AmalgamationUse.GROUP, LEFT, OTHER_RIGHT);
    private static final Amalgamation SECOND = amalgamation("second", AmalgamationUse.GROUP, OTHER_LEFT, RIGHT);
    private static final Amalgamation ENDING = amalgamation("ending", AmalgamationUse.ENDING, OTHER_LEFT, OTHER_RIGHT);
    private static final List<Amalgamation> SHELF = List.of(OPENING, FIRST, SECOND, ENDING);

    private static Routine routine(Figure... figures) {
        List<Placement> placements = Stream.of(figures)
                .map(figure -> Placement.of(Dancing.of(figure, Way.AS_CHARTED)))
                .toList();
        return new Routine("r", "R", WALTZ, new Tempo(29), CONDITIONS, placements);
    }

    private static Amalgamation amalgamation(String id, AmalgamationUse use, Figure... figures) {
        List<Placement> placements = routine(figures).placements();
        Routine alone = new Routine(id, id, WALTZ, new Tempo(29), CONDITIONS, placements);
        return new Amalgamation(alone, Level.OPEN, Set.of(use), 3, "");
    }

    private static Brief brief(int bars) {
        Course empty = Course.of(routine());
        Beats length = WALTZ.rhythm().bar().times(bars);
        Wish wish = Wish.of(length, length, empty.heard())
                .withTaste(Taste.FREE.withOpens(true).withCloses(true));
        return new Brief(
                empty, Optional.empty(), wish, Optional.empty(), false, SHELF, Set.of(), Set.of(), Set.of(), List.of());
    }

    private static List<Choreography> composed(Brief brief) {
        Repertoire repertoire = Repertoire.of(BOOK, CONDITIONS);
        return Choreographer.compose(repertoire, brief, Score.of(brief.course().routine()), Map.of(), () -> false)
                .answers();
    }

    private static List<String> groups(Choreography answer) {
        return answer.stages().stream()
                .map(stage -> stage.group().map(group -> group.routine().id()).orElse("joining"))
                .toList();
    }

    @Test
    void setsWholeAmalgamationsBetweenAnOpeningAndAnEnding() {
        Choreography best = composed(brief(8)).get(0);
        assertEquals("opening", groups(best).get(0));
        assertEquals("ending", groups(best).get(best.stages().size() - 1));
        assertEquals(Set.of("opening", "first", "second", "ending"), Set.copyOf(groups(best)));
        assertEquals(WALTZ.rhythm().bar().times(8), best.length());
        assertTrue(best.danced().stream().allMatch(each -> each.outcome() == Outcome.HOLDS));
    }

    @Test
    void dancesWhatMustComeAndNothingThatMustNot() {
        Brief asked = brief(6).withRequiredGroups(Set.of("second")).withBarredGroups(Set.of("first"));
        List<Choreography> answers = composed(asked);
        assertFalse(answers.isEmpty());
        assertTrue(answers.stream().allMatch(answer -> groups(answer).contains("second")));
        assertTrue(answers.stream().noneMatch(answer -> groups(answer).contains("first")));
        Wish withoutLeft = asked.wish().withChoice(new Choice(Set.of(), Set.of("left"), Set.of(), Set.of()));
        assertTrue(composed(asked.withWish(withoutLeft)).stream()
                .flatMap(answer -> answer.danced().stream())
                .noneMatch(each -> each.dancing().figure().id().equals("left")));
    }

    @Test
    void dancesAllOfAnAmalgamationThatMustCome() {
        Amalgamation whole = amalgamation("whole", AmalgamationUse.GROUP, OTHER_LEFT, RIGHT, LEFT, OTHER_RIGHT);
        Brief asked = brief(12)
                .withShelf(List.of(OPENING, FIRST, SECOND, whole, ENDING))
                .withRequiredGroups(Set.of("whole"));
        List<Choreography> answers = composed(asked);
        assertFalse(answers.isEmpty());
        assertTrue(answers.stream()
                .allMatch(answer -> answer.stages().stream()
                        .anyMatch(stage -> stage.whole() && stage.group().equals(Optional.of(whole)))));
    }

    @Test
    void holdsTheLastPictureWhereNoAmalgamationIsAsLong() {
        Choreography best = composed(brief(7)).get(0);
        assertEquals(WALTZ.rhythm().bar().times(7), best.length());
        List<Placement> placements = best.placements();
        assertEquals(
                Element.of(ElementKind.HOLD, 3),
                placements.get(placements.size() - 1).item());
    }

    @Test
    void joinsAmalgamationsWithSingleFiguresWhereNoneFollows() {
        Brief asked =
                brief(5).withShelf(List.of(OPENING, amalgamation("ending", AmalgamationUse.ENDING, OTHER_RIGHT, LEFT)));
        assertEquals(
                List.of("opening", "joining", "ending"), groups(composed(asked).get(0)));
    }

    @Test
    void answersTheSameAgainAndDifferentlyEachTime() {
        List<Choreography> once = composed(brief(16));
        List<Choreography> again = composed(brief(16));
        assertEquals(
                once.stream().map(ChoreographerTest::groups).toList(),
                again.stream().map(ChoreographerTest::groups).toList());
        assertTrue(once.size() > 1);
        for (int i = 1; i < once.size(); i++) {
            for (int before = 0; before < i; before++) {
                assertTrue(once.get(i).sameInTime(once.get(before)) <= Choreography.MOST_ALIKE);
            }
        }
    }

    @Test
    void goesOnFromWhereTheRoutineIsAndDoesNotRepeatItAtOnce() {
        Course course = Course.of(routine(LEFT, OTHER_RIGHT));
        Brief asked = brief(4).withCourse(course)
                .withAfter(Optional.of(1))
                .withWish(brief(4).wish()
                        .withFrom(Optional.of(new Wish.Beginning(Optional.of(OTHER_RIGHT), course.exit(1)))));
        assertEquals(List.of("second", "ending"), groups(composed(asked).get(0)));
    }

    @Test
    void saysWhatLiftsAWishWithoutAnAnswer() {
        Brief asked = brief(3).withRequiredGroups(Set.of("first", "second"));
        assertTrue(composed(asked).isEmpty());
        List<List<Lift>> lifts = Lifts.smallest(
                Repertoire.of(BOOK, CONDITIONS), asked, Score.of(asked.course().routine()), Map.of(), () -> false);
        assertTrue(lifts.stream().anyMatch(lift -> lift.get(0).kind() == Lift.Kind.LENGTH));
        for (List<Lift> given : lifts) {
            Brief lifted = asked;
            for (Lift each : given) {
                lifted = each.appliedTo(lifted);
            }
            assertFalse(composed(lifted).isEmpty(), given.get(0).wording());
        }
    }

    @Test
    void endsWhenItIsToldTo() {
        Repertoire repertoire = Repertoire.of(BOOK, CONDITIONS);
        Choreographies stopped = Choreographer.compose(
                repertoire, brief(64), Score.of(brief(64).course().routine()), Map.of(), () -> true);
        assertTrue(stopped.stopped());
    }
}
