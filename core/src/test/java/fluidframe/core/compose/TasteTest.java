package fluidframe.core.compose;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.SmallBook;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TasteTest {

    private static final Beats BAR = Beats.of(3);
    private static final MusicMap MUSIC = MusicMap.plain(BAR, 8, new Tempo(29));
    private static final Taste COACH = new Taste(true, true, true, true, true, 2, true);
    private static final Figure LEFT = SmallBook.walk("left", "LF", "LOD", "");
    private static final Figure RIGHT = SmallBook.walk("right", "RF", "LOD", "");

    private static Answer composed(Taste taste, int bars, int corners, Set<String> required, Figure... book) {
        Wish wish = Wish.of(BAR.times(bars), BAR.times(bars), MUSIC)
                .withMostTimes(bars)
                .withCorners(corners)
                .withRequired(required)
                .withTaste(taste)
                .withBends(true);
        return Composer.compose(Repertoire.of(List.of(book), Conditions.OPEN), wish, () -> false);
    }

    private static Figure figure(String start, String first, String last) {
        return Charts.read(Charts.figure(
                "waltz",
                "1",
                start + "; closed",
                "closed; closed",
                Charts.rows(
                        "1|RF|" + first + "|f LOD||" + (start.equals("closed") ? "" : "closed"),
                        "2|LF|sd",
                        "3|RF|" + last),
                Charts.rows("1|LF|bk|b LOD", "2|RF|sd", "3|LF|cl")));
    }

    @ParameterizedTest(name = "{0}, {1}: opens {2}")
    @CsvSource({"closed, fwd, true", "closed, bk, false", "OP, fwd CBMP OP, false", "closed, fwd in PP, false"})
    void aRoutineBeginsFromStanding(String start, String first, boolean opens) {
        assertThat(Bookends.opens(Dancing.of(figure(start, first, "cl"), Way.AS_CHARTED)))
                .isEqualTo(opens);
    }

    @ParameterizedTest(name = "ending {0}: closes {1}")
    @CsvSource({"cl, true", "bk, false", "fwd CBMP OP, false", "sd sl bk, false", "fwd, true"})
    void aRoutineEndsAtRest(String last, boolean closes) {
        assertThat(Bookends.closes(Dancing.of(figure("closed", "fwd", last), Way.AS_CHARTED)))
                .isEqualTo(closes);
    }

    @Test
    void partsWithoutAPurposeAreLeftOutUnlessTheyAreAllowed() {
        Figure turning = SmallBook.turning("turning");

        assertThat(composed(COACH, 1, 0, Set.of(), turning).compositions()).isEmpty();
        assertThat(composed(COACH, 1, 0, Set.of(), turning).relaxations())
                .extracting(Relaxation::labels)
                .isNotEmpty();
        assertThat(composed(Taste.FREE, 1, 0, Set.of(), turning).compositions()).isNotEmpty();
    }

    @Test
    void whatIsRequiredIsDancedWhole() {
        Figure turning = SmallBook.turning("turning");
        Taste partsAnywhere = Taste.FREE.withParts();

        assertThat(composed(new Taste(false, false, false, false, true, 9, false), 1, 0, Set.of("turning"), turning)
                        .compositions())
                .isEmpty();
        assertThat(composed(partsAnywhere, 1, 0, Set.of("turning"), turning).compositions())
                .isNotEmpty();
    }

    @Test
    void noFigureComesMoreOftenThanIsUsual() {
        assertThat(composed(COACH, 4, 0, Set.of(), LEFT, RIGHT).compositions()).isNotEmpty();
        assertThat(composed(COACH, 6, 0, Set.of(), LEFT, RIGHT).compositions()).isEmpty();
        assertThat(composed(COACH, 6, 0, Set.of(), LEFT, RIGHT).relaxations())
                .extracting(Relaxation::labels)
                .contains(List.of("let a figure come twice as often in all"));
    }

    @Test
    void aCornerIsNeitherTheFirstThingNorTheLast() {
        List<Composition> found = composed(
                        new Taste(false, false, false, true, false, 20, false),
                        8,
                        1,
                        Set.of(),
                        SmallBook.walk("l", "LF", "LOD", "1/4 L"),
                        SmallBook.walk("r", "RF", "LOD", "1/4 L"),
                        LEFT,
                        RIGHT)
                .compositions();

        assertThat(found)
                .isNotEmpty()
                .allSatisfy(composition -> assertThat(composition.steps())
                        .filteredOn(Composition.Piece::cornerAfter)
                        .allSatisfy(piece -> assertThat(
                                        piece.onset().plus(piece.dancing().length()))
                                .isBetween(BAR.times(2), BAR.times(7))));
    }

    @Test
    void answersSayHowTheyDifferFromTheFirst() {
        List<Composition> found = Composer.compose(
                        Repertoire.of(SmallBook.random(8, 3), Conditions.OPEN),
                        Wish.of(BAR.times(6), BAR.times(6), MUSIC)
                                .withBends(true)
                                .withMostTimes(3),
                        () -> false)
                .compositions();

        assertThat(found).hasSizeGreaterThan(1);
        assertThat(Difference.between(found.get(0), found.get(0), BAR, 0)).startsWith("Begins with the walk-");
        assertThat(Difference.between(found.get(0), found.get(1), BAR, 0))
                .isNotBlank()
                .endsWith(".")
                .isNotEqualTo(Difference.between(found.get(0), found.get(0), BAR, 0));
    }
}
