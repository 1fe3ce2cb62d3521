package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.phrase.Situation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Hundreds of ways in which coaches fill a cell, and what each is read as. */
class WordingsTest {

    private static final Path WORDINGS = Path.of("src/test/resources/fluidframe/core/wordings.txt");

    static Stream<String> wordings() throws IOException {
        return Files.readAllLines(WORDINGS).stream().filter(line -> !line.isBlank() && !line.startsWith("#"));
    }

    @ParameterizedTest
    @MethodSource("wordings")
    void isReadAsItIsMeant(String line) {
        String[] pieces = line.split("; ", 3);
        Column column = Column.find(pieces[0]).orElseThrow();
        assertThat(said(column, pieces[1])).isEqualTo(pieces[2]);
    }

    /** In the notation of the list. */
    private static String said(Column column, String text) {
        CellReading reading = CellReader.read(column, text, () -> Situation.UNKNOWN);
        if (reading.isUnderstood()) {
            String shorthand = column.shorthand(
                    RowReader.step(Map.of(column, reading.value().orElseThrow())));
            return shorthand.isEmpty() ? column == Column.TURN ? "0" : "-" : shorthand;
        }
        List<String> choices = reading.choices().stream()
                .filter(choice -> choice.column() == column)
                .map(CellReading.Choice::text)
                .toList();
        return choices.isEmpty() ? "!" : "? " + choices.stream().collect(Collectors.joining(", "));
    }
}
