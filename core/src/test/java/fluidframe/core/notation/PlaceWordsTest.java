package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlaceWordsTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/placements/6/until | placement 7, until",
                "/finishes/0/man/1 | finish 1, man, row 2",
                "/man/0/footPosition | man, row 1, foot position",
                "/phrases/2/bars/0 | phrase 3, bar 1",
                "/entries/0/name | entry 1, name",
                "/classes/1 | class 2",
                "/0/id | entry 1, id",
                "tempo | tempo"
            })
    void itIsSaidAsPeopleSayIt(String pointer, String words) {
        assertThat(PlaceWords.of(pointer)).isEqualTo(words);
    }
}
