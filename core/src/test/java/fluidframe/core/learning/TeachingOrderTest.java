package fluidframe.core.learning;

import static fluidframe.core.learning.LearningPathTest.ALL;
import static fluidframe.core.learning.LearningPathTest.BOOK;
import static fluidframe.core.learning.LearningPathTest.CHECK;
import static fluidframe.core.learning.LearningPathTest.PLAIN;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.figure.Level;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TeachingOrderTest {

    private static List<String> ids(TeachingOrder order) {
        return order.steps().stream().map(step -> step.figure().id()).toList();
    }

    @Test
    void theLowerLevelComesFirstThenWhatAsksLeastThatIsNew() {
        TeachingOrder order = TeachingOrder.of(BOOK, List.of());
        assertThat(ids(order)).containsExactly("plain", "check", "pivot", "also-check", "both", "all");
        assertThat(order.place("check")).isEqualTo(1);
        assertThat(order.place("of another dance")).isEqualTo(BOOK.size());
    }

    @Test
    void aStudiosOwnOrderComesFirstAndWhatItDoesNotNameFollows() {
        assertThat(ids(TeachingOrder.of(BOOK, List.of("all", "gone", "pivot"))))
                .containsExactly("all", "pivot", "check", "plain", "also-check", "both");
    }

    @Test
    void whatIsNewInOneIsNotNewInTheNext() {
        List<LearningStep> steps =
                TeachingOrder.of(List.of(ALL, CHECK, PLAIN), List.of()).steps();
        assertThat(steps.stream()
                        .map(step -> step.learns().stream().map(Skill::what).toList()))
                .containsExactly(List.of(), List.of("check"), List.of("hover", "pivot"));
    }

    @Test
    void nextIsWhatMayBeTaughtAndNoMoreThanIsAskedFor() {
        TeachingOrder order = TeachingOrder.of(BOOK, List.of());
        Set<String> shown = Set.of("plain");
        assertThat(order.next(figure -> figure.level() == Level.BRONZE && !shown.contains(figure.id()), 5))
                .containsExactly("check", "pivot");
        assertThat(order.next(figure -> true, 1)).containsExactly("plain");
    }
}
