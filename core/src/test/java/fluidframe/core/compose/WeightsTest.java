package fluidframe.core.compose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.SmallBook;
import fluidframe.core.compose.Composition.Reason;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Repertoire;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeightsTest {

    @Test
    void everyReasonHasItsOwnWeightAndReadsBack() {
        Map<Reason, Integer> points = new EnumMap<>(Reason.class);
        for (Reason reason : Reason.values()) {
            points.put(reason, reason.ordinal() + 1);
        }
        assertThat(Weights.of(points).byReason()).isEqualTo(points);
        assertThat(Weights.of(Weights.USUAL.byReason())).isEqualTo(Weights.USUAL);
    }

    @Test
    void aWeightIsFromNothingToAHundred() {
        assertThat(new Weights(0, 100, 0, 100, 0, 100, 0, 100, 0, 100, 0).ground())
                .isEqualTo(100);
        assertThatThrownBy(() -> new Weights(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 101)).hasMessageContaining("not 101");
        assertThatThrownBy(() -> new Weights(-1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0)).hasMessageContaining("not -1");
    }

    /** Twice at least, once for each eight bars, and in a book of few figures twice as often as each must come. */
    @ParameterizedTest
    @CsvSource({"2, 8, 8", "2, 16, 16", "8, 8, 2", "8, 24, 6", "40, 8, 2", "40, 64, 8", "40, 65, 9"})
    void howOftenAFigureMayComeFollowsFromTheBarsAndTheBook(int figures, int bars, int most) {
        List<Figure> book = SmallBook.random(figures, 4);
        assertThat(Taste.of(bars, Repertoire.of(book, Conditions.OPEN))).satisfies(taste -> {
            assertThat(taste.mostInAll()).isEqualTo(most);
            assertThat(taste.opens()
                            && taste.closes()
                            && taste.wholeFigures()
                            && taste.cornersInPlace()
                            && taste.requiredWhole()
                            && taste.notThrice())
                    .isTrue();
        });
    }

    @Test
    void whatIsLiftedIsLiftedAlone() {
        Taste taste = new Taste(true, true, true, true, true, 2, true);
        assertThat(taste.withAnyOpening()).isEqualTo(new Taste(false, true, true, true, true, 2, true));
        assertThat(taste.withAnyEnd()).isEqualTo(new Taste(true, false, true, true, true, 2, true));
        assertThat(taste.withParts()).isEqualTo(new Taste(true, true, false, true, true, 2, true));
        assertThat(taste.withCornersAnywhere()).isEqualTo(new Taste(true, true, true, false, true, 2, true));
        assertThat(taste.withPartsOfRequired()).isEqualTo(new Taste(true, true, true, true, false, 2, true));
        assertThat(taste.withMostInAll(5)).isEqualTo(new Taste(true, true, true, true, true, 5, true));
        assertThat(taste.withThrice()).isEqualTo(new Taste(true, true, true, true, true, 2, false));
    }
}
