package fluidframe.core.book;

import fluidframe.core.audit.Severity;
import fluidframe.core.book.DanceReport.LinkReport;
import fluidframe.core.figure.Level;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A book report as a page of text, in Markdown. */
public final class BookReportText {

    private static final List<Level> LEVELS =
            List.of(Level.PRE_BRONZE, Level.BRONZE, Level.SILVER, Level.GOLD, Level.OPEN);

    private BookReportText() {}

    public static String of(BookReport report) {
        StringBuilder text = new StringBuilder();
        text.append("""
                # The figure book

                Counted and checked by the program itself; the app shows the same under Book.

                %d figures in %d dances, %d audit errors, %d warnings, %d notes; on average %s figures can follow a figure with nothing bent.

                ## Figures

                | Dance | pre-bronze | bronze | silver | gold | open | all | steps | timings | parts | finishes | repeats | schools | cues | faults | drills |
                |---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|
                """.formatted(
                        report.figures(),
                        report.dances().size(),
                        report.count(Severity.ERROR),
                        report.count(Severity.WARNING),
                        report.count(Severity.NOTE),
                        decimal(report.holdingPerFigure())));
        report.dances().forEach(dance -> figures(text, dance));
        text.append("""

                ## Audits and links

                Whole means that every figure can be reached from every other one, and back, with the figures up to that level; links that bend count.

                | Dance | errors | warnings | notes | muted | whole at | holding links per figure |
                |---|---|---|---|---|---|---|
                """);
        report.dances().forEach(dance -> links(text, dance));
        exceptions(text, report);
        mutes(text, report);
        return text.toString();
    }

    private static void figures(StringBuilder text, DanceReport dance) {
        text.append("| ").append(dance.dance().title());
        LEVELS.forEach(level -> cell(text, dance.figures().getOrDefault(level, 0)));
        for (int count : new int[] {
            dance.size(),
            dance.steps(),
            dance.ways().timings(),
            dance.ways().splits(),
            dance.ways().finishes(),
            dance.ways().repeats(),
            dance.ways().schools(),
            dance.teaching().cues(),
            dance.teaching().faults(),
            dance.teaching().drills()
        }) {
            cell(text, count);
        }
        text.append(" |\n");
    }

    private static void links(StringBuilder text, DanceReport dance) {
        List<String> whole = dance.links().entrySet().stream()
                .filter(entry -> entry.getValue().components() == 1)
                .map(entry -> entry.getKey().shorthand())
                .toList();
        text.append("| ").append(dance.dance().title());
        cell(text, dance.count(Severity.ERROR));
        cell(text, dance.count(Severity.WARNING));
        cell(text, dance.count(Severity.NOTE));
        cell(text, dance.mutes().size());
        text.append(" | ")
                .append(String.join(", ", whole))
                .append(" | ")
                .append(decimal(dance.holdingPerFigure()))
                .append(" |\n");
    }

    private static void exceptions(StringBuilder text, BookReport report) {
        text.append("\n## Where a dance does not hang together\n\n");
        int length = text.length();
        for (DanceReport dance : report.dances()) {
            for (Map.Entry<Level, LinkReport> entry : dance.links().entrySet()) {
                LinkReport links = entry.getValue();
                if (links.components() > 1) {
                    text.append("- ")
                            .append(dance.dance().title())
                            .append(", ")
                            .append(entry.getKey())
                            .append(": ")
                            .append(links.components())
                            .append(BookSentences.partsNothingFollows())
                            .append(links.deadEnds())
                            .append(BookSentences.nothingLeadsTo())
                            .append(links.unreachable())
                            .append("\n");
                }
            }
        }
        text.append(text.length() == length ? "Nowhere.\n" : "");
    }

    private static void mutes(StringBuilder text, BookReport report) {
        text.append("\n## What is muted, and why\n\n");
        report.dances()
                .forEach(dance -> dance.mutes()
                        .forEach(muted -> text.append("- ")
                                .append(dance.dance().title())
                                .append(", ")
                                .append(muted.figure())
                                .append(": ")
                                .append(muted.mute().rule())
                                .append(
                                        muted.mute().at().isEmpty()
                                                ? ""
                                                : " at " + muted.mute().at())
                                .append(" – ")
                                .append(muted.mute().reason())
                                .append("\n")));
    }

    private static void cell(StringBuilder text, int count) {
        text.append(" | ").append(count);
    }

    private static String decimal(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
