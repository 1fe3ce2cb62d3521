package fluidframe.app.problems;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlaceWordsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/placements/6/until | Placement 7, until",
                "/finishes/0/man/1 | Finish 1, man, row 2",
                "/man/0/footPosition | Man, row 1, foot position",
                "/phrases/2/bars/0 | Phrase 3, bar 1",
                "/entries/0/name | Entry 1, name",
                "/classes/1 | Class 2",
                "/0/id | Entry 1, id",
                "tempo | tempo"
            })
    void itIsSaidAsPeopleSayIt(String pointer, String words) {
        assertThat(PlaceWords.of(pointer)).isEqualTo(words);
    }
}
