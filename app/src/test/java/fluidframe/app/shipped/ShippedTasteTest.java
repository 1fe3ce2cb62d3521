package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.LikelyCorners;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Wish;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Level;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Move;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Routine;
import fluidframe.core.time.Beats;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is composed of the shipped book, by a coach's eye; and that its points prefer what a coach prefers. */
class ShippedTasteTest {

    static List<Routine> models() {
        return ShippedLibrary.routines().stream()
                .filter(routine -> routine.title().startsWith("Lamplight"))
                .toList();
    }

    private static Repertoire repertoire(Dance dance) {
        return ShippedLibrary.repertoire(dance, new Conditions(false, Level.GOLD));
    }

    /**
     * The better routine of each pair is the model; the worse dances its first two figures in turn, which nobody would.
     */
    @ParameterizedTest
    @MethodSource("models")
    void aModelRoutineCountsMoreThanTwoFiguresOverAndOver(Routine routine) {
        List<Move> model = ShippedLibrary.moves(Course.of(routine));
        List<Move> twoInTurn =
                IntStream.range(0, model.size()).mapToObj(i -> model.get(i % 2)).toList();

        assertThat(pointsABar(routine, model)).isGreaterThan(pointsABar(routine, twoInTurn));
    }

    private static double pointsABar(Routine routine, List<Move> moves) {
        Beats length = moves.stream().map(move -> move.dancing().length()).reduce(Beats.ZERO, Beats::plus);
        Composition composition =
                Composer.appraise(repertoire(routine.dance()), Wish.of(length, length, routine.music()), moves);
        return composition.points()
                / length.toDouble()
                * routine.dance().rhythm().beatsPerBar();
    }

    /** Ordinary wishes, and what no answer to them may be. */
    @ParameterizedTest
    @CsvSource({
        "waltz, 16",
        "waltz, 32",
        "foxtrot, 16",
        "foxtrot, 32",
        "quickstep, 32",
        "tango, 16",
        "tango, 32",
        "viennese-waltz, 32",
        "samba, 16",
        "samba, 32",
        "rumba, 16",
        "rumba, 32",
        "cha-cha, 16",
        "cha-cha, 32",
        "paso-doble, 32",
        "jive, 16",
        "american-waltz, 16",
        "american-foxtrot, 16",
        "american-tango, 16",
        "bolero, 16",
        "mambo, 16"
    })
    void everyAnswerIsOneThatACoachWouldPutOnAFloor(String id, int bars) {
        Dance dance = Dances.find(id).orElseThrow();
        Beats bar = dance.rhythm().bar();
        List<Composition> found = composed(dance, bars);
        int most = Taste.of(bars, repertoire(dance)).mostInAll();

        assertThat(found).isNotEmpty();
        for (Composition composition : found) {
            assertThat(composition.length()).isEqualTo(bar.times(bars));
            List<Dancing> danced =
                    composition.steps().stream().map(Composition.Piece::dancing).toList();
            assertThat(danced.get(0).way().split())
                    .as("begins with a whole figure")
                    .isEmpty();
            assertThat(danced.get(danced.size() - 1).way().split())
                    .as("ends with a whole figure")
                    .isEmpty();
            assertThat(danced.get(0).entry().relation().position().isFacing())
                    .as("begins facing")
                    .isTrue();
            Map<String, Integer> times = new HashMap<>();
            danced.forEach(each -> times.merge(each.figure().id(), 1, Integer::sum));
            assertThat(times.values()).allMatch(each -> each <= most);
            long parts = danced.stream()
                    .filter(each -> each.way().split().isPresent())
                    .count();
            assertThat(parts).as("most figures are whole").isLessThanOrEqualTo(danced.size() / 2);
            assertThat(composition.steps())
                    .filteredOn(Composition.Piece::cornerAfter)
                    .allSatisfy(piece -> assertThat(
                                    piece.onset().plus(piece.dancing().length()))
                            .isBetween(bar.times(3), bar.times(bars - 1)));
        }
    }

    private static List<Composition> composed(Dance dance, int bars) {
        Beats length = dance.rhythm().bar().times(bars);
        Floor floor = Floor.hall(dance.travels());
        IntToDoubleFunction side = each -> each == 0 ? floor.ahead(floor.start(), 0) : floor.along(each);
        Repertoire repertoire = repertoire(dance);
        Wish wish = Wish.of(
                        length,
                        length,
                        MusicMap.plain(dance.rhythm().bar(), dance.music().phraseBars(), dance.slowest()))
                .withTaste(Taste.of(bars, repertoire));
        List<Wish> wishes = !dance.travels()
                ? List.of(wish)
                : LikelyCorners.of(repertoire, length, side).stream()
                        .map(corners -> wish.withCorners(corners)
                                .withSides(IntStream.rangeClosed(0, corners)
                                        .mapToObj(side::applyAsDouble)
                                        .toList()))
                        .toList();
        return Composer.compose(repertoire, wishes, () -> false).compositions();
    }
}
