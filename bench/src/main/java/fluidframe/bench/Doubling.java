package fluidframe.bench;

import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.listing.FigureNames;
import fluidframe.core.listing.ListingReader;
import fluidframe.core.notation.CellReader;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.phrase.Situation;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.practice.Subject;
import fluidframe.core.question.QuestionKey;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.talk.DescriptionReader;
import fluidframe.core.text.Id;
import fluidframe.core.text.Mirrored;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Count;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * Gives every reader texts of many shapes, each twice as long as the one before, up to the longest it takes, and prints
 * what took more than twice as long as half of it, or longer than a coach waits. Ends with 1 if there was any.
 */
public final class Doubling {

    private static final List<String> SHAPES = List.of(
            " ",
            "1/4 ",
            "1 x ",
            "a",
            "1",
            "1 ",
            "1/",
            "½",
            "½ ",
            "a ",
            "a-",
            "- ",
            "-",
            "1-",
            "1 - ",
            "1+",
            "1, ",
            ",",
            ", ",
            "(",
            "(1) ",
            ". ",
            "1. ",
            ";",
            "S Q ",
            "sq",
            "L ",
            "@ 1/2 ",
            "as ",
            "to ",
            "\t",
            "\u00a0",
            "\u0301",
            "é",
            "and ",
            "x",
            "# ",
            "/",
            "\"",
            "~",
            ":",
            "bars ",
            "\n",
            "\n ",
            "right foot ",
            "left foot back ",
            "forward ",
            "verse 1 ",
            "natural turn ",
            "no ",
            "turn ",
            "cr e1, ",
            "diagonal wall ",
            "sway ",
            "step 1 ",
            "he ",
            "12345678901234567890",
            "on 1 ");
    private static final List<String> BEFORE = List.of("", "1/4", "as ", "verse 1", "man: ", "x");
    private static final List<String> AFTER = List.of("", "x");
    private static final int SHORTEST = 250;
    private static final double LONGEST_SECONDS = 1;
    private static final double WORTH_COMPARING_SECONDS = 0.1;
    private static final double MOST_GROWTH = 2.6;
    private static final int TIMES = 5;

    private record Reader(String name, int mostLetters, Consumer<String> read) {}

    private Doubling() {}

    private static List<Reader> readers() {
        Dance waltz = Dances.find("waltz").orElseThrow();
        List<Figure> book = SixtyFigures.of(60);
        FigureDraft there = DraftWriter.write(book.get(0));
        FigureDraft blank = there.withMan(List.of()).withLady(List.of());
        FigureNames names = new FigureNames(book);
        List<Reader> readers = new ArrayList<>();
        for (Column column : Column.values()) {
            readers.add(new Reader(
                    "cell " + column.key(), 1_000, text -> CellReader.read(column, text, () -> Situation.UNKNOWN)));
        }
        Map<String, Consumer<String>> values = new LinkedHashMap<>();
        values.put("count", Count::parse);
        values.put("beats", Beats::parse);
        values.put("turn", Turn::parse);
        values.put("heading", Heading::parse);
        values.put("alignment", Alignment::parse);
        values.put("title", text -> DraftReader.read(blank.withTitle(text)));
        values.put("own words mirrored", Mirrored::of);
        values.forEach((name, read) -> readers.add(new Reader(name, 1_000, read)));
        readers.add(new Reader("id", 8_000, Id::isId));
        readers.add(new Reader("subject", 8_000, Subject::parse));
        readers.add(new Reader("key of a question", 8_000, QuestionKey::parse));
        readers.add(
                new Reader("figure's name", 8_000, text -> FigureNames.mayBe(List.of("Natural Turn", "Whisk"), text)));
        readers.add(new Reader("list", ListingReader.MOST_LETTERS, text -> ListingReader.read(text, waltz, book)));
        readers.add(new Reader(
                "telling", DescriptionReader.MOST_LETTERS, text -> DescriptionReader.tell(text, blank, waltz)));
        readers.add(new Reader(
                "correction", DescriptionReader.MOST_LETTERS, text -> DescriptionReader.amend(text, there, waltz)));
        readers.add(new Reader("piece", PieceReader.MOST_LETTERS, text -> PieceReader.read(text, 3, 8)));
        return readers;
    }

    public static void main(String[] arguments) {
        int slow = 0;
        double longest = 0;
        String slowest = "";
        int texts = 0;
        for (Reader reader : readers()) {
            if (arguments.length > 0 && !reader.name().contains(arguments[0])) {
                continue;
            }
            seconds(reader, "right foot forward 1/4 R ".repeat(8));
            for (String shape : SHAPES) {
                for (String before : BEFORE) {
                    for (String after : AFTER) {
                        double half = 0;
                        for (int letters = SHORTEST; letters <= reader.mostLetters(); letters *= 2) {
                            String text = before + shape.repeat(letters / shape.length()) + after;
                            double seconds = seconds(reader, text);
                            texts++;
                            boolean grows =
                                    half > 0 && seconds > WORTH_COMPARING_SECONDS && seconds > MOST_GROWTH * half;
                            if (seconds > longest) {
                                longest = seconds;
                                slowest = reader.name() + ", " + letters + " letters of " + shown(before, shape, after);
                            }
                            if (grows || seconds > LONGEST_SECONDS) {
                                slow++;
                                System.out.printf(
                                        "%s: %d letters of %s: %.3f s, half of it %.3f s%n",
                                        reader.name(), letters, shown(before, shape, after), seconds, half);
                                if (seconds > LONGEST_SECONDS) {
                                    break;
                                }
                            }
                            half = seconds;
                        }
                    }
                }
            }
        }
        System.out.printf(
                "%d texts of %d shapes; the slowest %.3f s: %s; %d grew faster than their length%n",
                texts, SHAPES.size() * BEFORE.size() * AFTER.size(), longest, slowest, slow);
        System.exit(slow > 0 ? 1 : 0);
    }

    private static String shown(String before, String shape, String after) {
        return ("\"" + before + "\" + \"" + shape + "\" … \"" + after + "\"")
                .replace("\n", "\\n")
                .replace("\t", "\\t");
    }

    /** The least of five, if it is long enough to be in doubt. */
    private static double seconds(Reader reader, String text) {
        double least = Double.MAX_VALUE;
        for (int time = 0; time < TIMES; time++) {
            long begun = System.nanoTime();
            try {
                reader.read().accept(text);
            } catch (UnreadableTextException refused) {
                // As quick a refusal as a reading.
            }
            least = Math.min(least, (System.nanoTime() - begun) / 1e9);
            if (least < WORTH_COMPARING_SECONDS || least > LONGEST_SECONDS) {
                break;
            }
        }
        return least;
    }
}
