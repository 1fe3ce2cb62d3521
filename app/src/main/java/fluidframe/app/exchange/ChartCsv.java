package fluidframe.app.exchange;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftReader;
import fluidframe.core.notation.RowDraft;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Both charts of a figure as CSV: a header, then one record for each row of each part, its cells in shorthand. */
final class ChartCsv {

    private static final String PART = "part";
    private static final String STEP = "step";
    private static final int MOST_ROWS = 2 * DraftReader.MOST_ROWS;

    /** What begins a formula, and what is already kept from being one. */
    private static final Pattern FORMULA = Pattern.compile("^'*+[=@+\\-\t\r]");

    private ChartCsv() {}

    static String write(Map<Part, List<RowDraft>> charts) {
        List<String> header = header();
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(
                csv,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(header.toArray(String[]::new))
                        .get())) {
            for (Part part : Part.values()) {
                List<RowDraft> rows = charts.get(part);
                for (int row = 0; row < rows.size(); row++) {
                    RowDraft cells = rows.get(row);
                    printer.printRecord(Stream.concat(
                            Stream.of(part.key(), String.valueOf(row + 1)),
                            Arrays.stream(Column.values()).map(cells::cell).map(ChartCsv::asText)));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory", e);
        }
        return csv.toString();
    }

    /** A spreadsheet would reckon what begins so, or worse; an apostrophe before it makes it text there. */
    private static String asText(String cell) {
        return FORMULA.matcher(cell).lookingAt() ? "'" + cell : cell;
    }

    private static String fromText(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).lookingAt() ? cell.substring(1) : cell;
    }

    private static List<String> header() {
        return Stream.concat(
                        Stream.of(PART, STEP), Arrays.stream(Column.values()).map(Column::key))
                .toList();
    }

    /**
     * The columns may stand in any order and may be left out; the rows of a part are taken in the order they stand.
     *
     * @throws RefusedException naming the line and what was expected there
     */
    static Map<Part, List<RowDraft>> read(String csv) {
        Map<Part, List<RowDraft>> charts = new EnumMap<>(Part.class);
        Arrays.stream(Part.values()).forEach(part -> charts.put(part, new ArrayList<>()));
        try (CSVParser parser = CSVParser.parse(
                new StringReader(csv.startsWith("\uFEFF") ? csv.substring(1) : csv),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .setIgnoreEmptyLines(true)
                        .setTrim(true)
                        .get())) {
            checkHeader(parser.getHeaderNames());
            for (CSVRecord record : parser) {
                if (record.getRecordNumber() > MOST_ROWS) {
                    throw refused(
                            "line " + (record.getRecordNumber() + 1),
                            ExchangeSentences.moreRows(),
                            ExchangeSentences.atMostRowsForBothParts(MOST_ROWS));
                }
                take(record, charts);
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            throw refused(
                    "",
                    "",
                    ExchangeSentences.commaSeparatedValuesWithAHeader(String.join(", ", header()), e.getMessage()));
        }
        return charts;
    }

    private static void checkHeader(List<String> names) {
        for (String name : names) {
            if (!name.equals(PART) && !name.equals(STEP) && Column.find(name).isEmpty()) {
                throw refused("line 1", name, "a column: " + String.join(", ", header()));
            }
        }
        if (!names.contains(PART)) {
            throw refused("line 1", String.join(", ", names), ExchangeSentences.aColumnNamedPart());
        }
    }

    private static void take(CSVRecord record, Map<Part, List<RowDraft>> charts) {
        String line = "line " + (record.getRecordNumber() + 1);
        if (!record.isConsistent()) {
            throw refused(line, record.size() + " values", ExchangeSentences.asManyValuesAsTheHeader());
        }
        Optional<Part> part = Part.named(record.get(PART));
        Map<Column, String> cells = new EnumMap<>(Column.class);
        record.toMap()
                .forEach((name, text) -> Column.find(name).ifPresent(column -> cells.put(column, fromText(text))));
        charts.get(part.orElseThrow(() -> refused(line + ", part", record.get(PART), ExchangeSentences.manOrLady())))
                .add(new RowDraft(cells).filled());
    }

    private static RefusedException refused(String place, String found, String expected) {
        Fault fault = Fault.of(place, found, expected);
        return new RefusedException(ExchangeSentences.theChartsWereNotTaken(fault.sentence()), List.of(fault));
    }
}
