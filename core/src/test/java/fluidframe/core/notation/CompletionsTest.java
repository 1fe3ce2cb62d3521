package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Completions.Completion;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CompletionsTest {

    private static final Dance FOXTROT = Dances.find("foxtrot").orElseThrow();

    @ParameterizedTest(name = "{0} \"{1}\" → {2}")
    @CsvSource(
            delimiter = ';',
            value = {
                "FOOT; l; LF",
                "FOOT_POSITION; sl; sd sl fwd",
                "FOOT_POSITION; fwd C; fwd CBMP",
                "TURN; 3/; 3/8 R",
                "TURN; 1/4 R, body l; 1/4 R, body less",
                "ALIGNMENT; f D; f DC",
                "ALIGNMENT; facing; f LOD",
                "ACTION; heel; heel turn",
                "RELATION; prom; PP",
                "BODY; settle; settle L",
                "COUNT; s; S",
                "FOOTWORK; ie; IE T"
            })
    void whatIsTypedGoesOn(Column column, String typed, String expected) {
        if (typed.equals("sl")) {
            assertThat(texts(column, "sd " + typed)).contains(expected);
        } else {
            assertThat(texts(column, typed)).contains(expected);
        }
    }

    /** A foxtrot in which every step forward is on the heel and every step back on the toe. */
    @Test
    void whatIsUsualInSuchAStepComesFirst() {
        Figure figure = Charts.read(Danced.figure("feather step"));
        Habits habits = Habits.of(List.of(figure));
        assertThat(Completions.of(Column.FOOTWORK, "", FOXTROT, new Completions.Context("fwd", "", habits))
                        .get(0)
                        .text())
                .isEqualTo("HT");
        assertThat(Completions.of(Column.FOOTWORK, "", FOXTROT, new Completions.Context("bk", "", habits))
                        .get(0)
                        .text())
                .isEqualTo("TH");
        assertThat(Completions.of(Column.FOOTWORK, "T", FOXTROT, new Completions.Context("fwd LSL", "", habits))
                        .get(0)
                        .text())
                .isEqualTo("T");
        assertThat(Completions.of(Column.RISE, "", FOXTROT, new Completions.Context("", "up", habits))
                        .get(0)
                        .text())
                .isEqualTo("up, lo e3");
    }

    @ParameterizedTest
    @EnumSource(Column.class)
    void everyCompletionCanBeReadAndIsCanonical(Column column) {
        for (String typed : List.of("", "b", "1", "x", "s", "fwd s", "1/4 R, ", "PP, ")) {
            for (Completion completion : Completions.of(column, typed, FOXTROT)) {
                assertThat(column.shorthand(RowReader.read(RowDraft.EMPTY.with(column, completion.text()))))
                        .isEqualTo(completion.text());
                assertThat(completion.wording()).isNotBlank();
            }
        }
    }

    @Test
    void onlyWhatTheDanceCountsIsOffered() {
        assertThat(texts(Column.COUNT, "")).contains("S", "Q", "4");
        assertThat(Completions.of(Column.COUNT, "", Dances.find("waltz").orElseThrow()))
                .extracting(Completion::text)
                .doesNotContain("S", "4")
                .contains("3");
    }

    private static List<String> texts(Column column, String typed) {
        return Completions.of(column, typed, FOXTROT).stream()
                .map(Completion::text)
                .toList();
    }
}
