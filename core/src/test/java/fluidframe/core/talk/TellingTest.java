package fluidframe.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.DraftReader;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is told of a figure makes the same figure again. */
class TellingTest {

    static Stream<String> figures() {
        return Danced.all().keySet().stream().sorted();
    }

    @ParameterizedTest
    @MethodSource("figures")
    void aTeachersTellingIsReadBackAsTheSameCharts(String name) {
        Figure figure = Charts.read(Danced.figure(name));
        String told = Telling.of(figure, List.of(Part.MAN, Part.LADY), Telling.Length.TEACHER);
        Description back = DescriptionReader.tell(
                told, Charts.figure(figure.dance().id(), "1", List.of(), List.of()), figure.dance());
        assertThat(back.leftovers()).as(told).isEmpty();
        Figure again = DraftReader.read(back.figure()).figure().orElseThrow();
        for (Part part : Part.values()) {
            assertThat(again.chart(part).steps())
                    .as(told)
                    .isEqualTo(figure.chart(part).steps());
        }
        assertThat(again.start()).isEqualTo(figure.start());
        assertThat(again.end()).isEqualTo(figure.end());
        assertThat(back.figure().derived()).isEmpty();
    }

    @Test
    void aBeginnerHearsWhereTheFeetGo() {
        String told = Telling.of(Charts.read(Danced.figure("whisk")), List.of(Part.LADY), Telling.Length.BEGINNER);
        assertThat(told)
                .contains(
                        "The lady:",
                        "Step 2, count 2, left foot diagonally back, pointing centre, turning 1/8 to the right and the body 1/8 less")
                .doesNotContain("footwork", "The man");
    }
}
