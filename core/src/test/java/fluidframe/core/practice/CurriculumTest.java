package fluidframe.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.SmallBook;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.learning.TeachingOrder;
import fluidframe.core.memory.Grade;
import fluidframe.core.practice.Curriculum.Pupils;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CurriculumTest {

    private static final Map<String, Figure> WALTZ = Stream.of(
                    walk("a", Level.PRE_BRONZE),
                    walk("b", Level.PRE_BRONZE),
                    walk("c", Level.PRE_BRONZE),
                    walk("d", Level.BRONZE),
                    walk("e", Level.GOLD))
            .collect(Collectors.toMap(Figure::id, figure -> figure));
    private static final Pupils BEGINNERS = new Pupils(Optional.empty(), Set.of("waltz"), Set.of());

    private static Figure walk(String id, Level level) {
        return SmallBook.walk(id, "RF", "LOD", "").with().title(id).level(level).build();
    }

    private static Ledger shown(String... ids) {
        return Ledger.of(Stream.of(ids)
                .map(id -> new Noted(Instant.EPOCH, new Subject.Whole(id), Optional.of(Grade.GOOD), List.of()))
                .toList());
    }

    private static Curriculum of(Pupils pupils, Ledger ledger, Commitment... commitments) {
        Function<Collection<String>, Map<String, Figure>> figures =
                ids -> ids.stream().filter(WALTZ::containsKey).collect(Collectors.toMap(id -> id, WALTZ::get));
        return Curriculum.of(
                pupils,
                List.of(commitments),
                ledger,
                figures,
                dance -> TeachingOrder.of(dance.equals("waltz") ? WALTZ.values() : List.of(), List.of()));
    }

    @Test
    void beginnersAreShownTheEasiestTwoAndThenTheNext() {
        assertThat(of(BEGINNERS, shown()).next()).containsExactly("a", "b");
        assertThat(of(BEGINNERS, shown("a", "b")).next()).containsExactly("c");
    }

    @Test
    void nothingAboveTheirLevelComesUnasked() {
        assertThat(of(BEGINNERS, shown("a", "b", "c")).next()).isEmpty();
        Pupils bronze = new Pupils(Optional.of(Level.BRONZE), Set.of("waltz"), Set.of());
        assertThat(of(bronze, shown("a", "b", "c")).next()).containsExactly("d");
        assertThat(of(BEGINNERS, shown("d")).next()).containsExactly("a", "b");
    }

    @Test
    void thisTermsFiguresReplaceLevelAndDances() {
        Pupils term = new Pupils(Optional.empty(), Set.of(), Set.of("e", "c"));
        Curriculum curriculum = of(term, shown("a"));
        assertThat(curriculum.next()).containsExactly("c", "e");
        assertThat(curriculum.includes().test("a")).isFalse();
        assertThat(curriculum.includes().test("e")).isTrue();
    }

    @Test
    void aRoutineSaysWhatComesInItsDance() {
        Commitment routine = new Commitment("Tideline Waltz", List.of("d", "e"), Optional.empty());
        Curriculum curriculum = of(BEGINNERS, shown(), routine);
        assertThat(curriculum.next()).isEmpty();
        assertThat(curriculum.place().applyAsInt("d"))
                .isLessThan(curriculum.place().applyAsInt("e"));
    }

    @Test
    void aFigureOfAnotherDanceIsNotOneOfTheirs() {
        Curriculum rumba = of(new Pupils(Optional.empty(), Set.of("rumba"), Set.of()), shown("a"));
        assertThat(rumba.includes().test("a")).isFalse();
        assertThat(rumba.includes(new Subject.Seam("a", "b"))).isFalse();
        Curriculum any = of(new Pupils(Optional.empty(), Set.of(), Set.of()), shown("a"));
        assertThat(any.includes().test("a")).isTrue();
    }
}
