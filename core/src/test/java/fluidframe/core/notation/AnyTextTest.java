package fluidframe.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.RandomRows;
import fluidframe.core.dance.Dances;
import fluidframe.core.phrase.Situation;
import fluidframe.core.talk.Description;
import fluidframe.core.talk.DescriptionReader;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Texts made by chance: nothing breaks, and what is understood is written and read back the same. With
 * {@code -Dfluidframe.texts} as many as are wanted.
 */
class AnyTextTest {

    private static final int TEXTS = Integer.getInteger("fluidframe.texts", 1_200);
    private static final List<Column> NOTATION =
            Arrays.stream(Column.values()).filter(Column::isNotation).toList();
    private static final List<String> WORDS = List.of(
            "right",
            "left",
            "RF",
            "LF",
            "foot",
            "forward",
            "back",
            "side",
            "closes",
            "to",
            "the",
            "and",
            "on",
            "heel",
            "toe",
            "1/4",
            "3/8",
            "½",
            "90",
            "°",
            "quarter",
            "eighth",
            "three",
            "one",
            "wall",
            "centre",
            "line of dance",
            "diagonally",
            "facing",
            "backing",
            "pointing",
            "moving",
            "rise",
            "lower",
            "end of",
            "cont",
            "up",
            "sway",
            "no",
            "body",
            "less",
            "completes",
            "PP",
            "hold",
            "hand",
            "closed",
            "S",
            "Q",
            "&",
            "a",
            "4-1",
            "41",
            "(",
            ")",
            ",",
            ";",
            ".",
            "—",
            "@",
            "/",
            "e/o",
            "2",
            "3",
            "lady",
            "man",
            "step",
            "natural opposite",
            "she",
            "ends",
            "footwork:",
            "\n",
            "½½",
            "١",
            "ﬁ",
            "\u0000",
            "🙂");

    private static String text(Random random) {
        StringBuilder text = new StringBuilder();
        for (int word = random.nextInt(9); word >= 0; word--) {
            text.append(WORDS.get(random.nextInt(WORDS.size()))).append(random.nextInt(4) == 0 ? "" : " ");
        }
        return text.toString();
    }

    /** A wording of the program's own with a few letters changed. */
    private static String mutated(Column column, Random random) {
        String said = column.wording(new RandomRows(random.nextLong()).next());
        StringBuilder text = new StringBuilder(said.isEmpty() ? "toe" : said);
        for (int change = random.nextInt(3); change >= 0 && !text.isEmpty(); change--) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(3)) {
                case 0 -> text.deleteCharAt(at);
                case 1 -> text.insert(at, (char) (' ' + random.nextInt(95)));
                default -> text.setCharAt(at, (char) (' ' + random.nextInt(95)));
            }
        }
        return text.toString();
    }

    @Test
    void whatIsUnderstoodReadsBackTheSame() {
        Random random = new Random(7);
        for (int i = 0; i < TEXTS; i++) {
            Column column = NOTATION.get(random.nextInt(NOTATION.size()));
            String text = random.nextBoolean() ? text(random) : mutated(column, random);
            if (text.isBlank()) {
                continue;
            }
            CellReading reading = CellReader.read(column, text, () -> Situation.UNKNOWN);
            reading.leftovers()
                    .forEach(left ->
                            assertThat(text.substring(left.from(), left.to())).isEqualTo(left.text()));
            if (reading.isUnderstood()) {
                String shorthand = column.shorthand(
                        RowReader.step(Map.of(column, reading.value().orElseThrow())));
                if (!shorthand.isEmpty()) {
                    assertThat(column.readShorthand(shorthand))
                            .as("%s: %s, %s", column, text, shorthand)
                            .isEqualTo(reading.value().get());
                }
            }
        }
    }

    @Test
    void anyTellingIsReadAndEveryWordIsSomewhere() {
        Random random = new Random(11);
        for (int i = 0; i < TEXTS / 20; i++) {
            String told = IntStream.range(0, 6)
                    .mapToObj(sentence -> text(random))
                    .collect(Collectors.joining(random.nextBoolean() ? "; " : ". "));
            Description description = DescriptionReader.tell(
                    told,
                    Charts.figure("waltz", "1", List.of(), List.of()),
                    Dances.find("waltz").orElseThrow());
            description.taken().forEach(taken -> assertThat(taken.from()).isBetween(0, told.length()));
            description
                    .leftovers()
                    .forEach(left ->
                            assertThat(told.substring(left.from(), left.to())).isEqualTo(left.text()));
            DraftReader.read(description.figure());
        }
    }
}
