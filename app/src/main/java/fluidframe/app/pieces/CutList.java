package fluidframe.app.pieces;

import fluidframe.core.piece.Piece;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A cut as a table that a sound editor's user can follow: what is kept and what is left out, in bars and in seconds
 * from the first bar line.
 */
final class CutList {

    private CutList() {}

    /**
     * @param from the first bar that is left out
     * @param to the first that is heard again
     */
    static String of(Piece piece, int from, int to) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter table = new CSVPrinter(text, CSVFormat.DEFAULT)) {
            table.printRecord("what", "from bar", "to bar", "from seconds", "to seconds");
            row(table, piece, "keep", 1, from);
            row(table, piece, "leave out", from, to);
            row(table, piece, "keep", to, piece.bars() + 1);
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory cannot fail", e);
        }
        return text.toString();
    }

    private static void row(CSVPrinter table, Piece piece, String what, int from, int before) throws IOException {
        table.printRecord(what, from, before - 1, seconds(piece, from), seconds(piece, before));
    }

    private static String seconds(Piece piece, int bar) {
        return String.format(Locale.ROOT, "%.3f", piece.barLines().get(bar - 1));
    }
}
