package fluidframe.app.books;

import fluidframe.app.work.Work;
import fluidframe.core.audit.Severity;
import fluidframe.core.book.BookReport;
import fluidframe.core.book.DanceReport;
import fluidframe.core.book.FigureReport;
import fluidframe.core.figure.Level;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is in the book, dance by dance. */
@RestController
@RequestMapping("/api/book-report")
@Tag(name = "books")
class BookReportResource {

    private final DanceReports reports;
    private final Work work;

    BookReportResource(DanceReports reports, Work work) {
        this.reports = reports;
        this.work = work;
    }

    /**
     * One figure: what the audits find in it, what it does not say yet, and the day it was last read against technique;
     * empty if nobody has.
     */
    @Schema(name = "FigureReport")
    record FigureReportDocument(
            String id, String title, String level, int errors, int warnings, List<String> lacks, String lastRead) {

        static FigureReportDocument of(FigureReport report) {
            return new FigureReportDocument(
                    report.id(),
                    report.title(),
                    report.level().shorthand(),
                    report.findings().getOrDefault(Severity.ERROR, 0),
                    report.findings().getOrDefault(Severity.WARNING, 0),
                    report.lacks(),
                    report.lastRead().map(LocalDate::toString).orElse(""));
        }
    }

    /**
     * One dance: figures by level, what is written about them, what the audits find, and how they hang together at each
     * level.
     */
    @Schema(name = "DanceReport")
    record DanceReportDocument(
            String dance,
            Map<String, Integer> figures,
            int all,
            int steps,
            int timings,
            int splits,
            int finishes,
            int repeats,
            int schools,
            int cues,
            int faults,
            int drills,
            int errors,
            int warnings,
            int notes,
            int mutes,
            Map<String, Integer> components,
            double holdingPerFigure,
            List<FigureReportDocument> each) {

        static DanceReportDocument of(DanceReport report) {
            Map<String, Integer> figures = new LinkedHashMap<>();
            report.figures().forEach((level, count) -> figures.put(level.shorthand(), count));
            Map<String, Integer> components = new LinkedHashMap<>();
            report.links()
                    .forEach((Level level, DanceReport.LinkReport links) ->
                            components.put(level.shorthand(), links.components()));
            return new DanceReportDocument(
                    report.dance().id(),
                    figures,
                    report.size(),
                    report.steps(),
                    report.ways().timings(),
                    report.ways().splits(),
                    report.ways().finishes(),
                    report.ways().repeats(),
                    report.ways().schools(),
                    report.teaching().cues(),
                    report.teaching().faults(),
                    report.teaching().drills(),
                    report.count(Severity.ERROR),
                    report.count(Severity.WARNING),
                    report.count(Severity.NOTE),
                    report.mutes().size(),
                    components,
                    report.holdingPerFigure(),
                    report.each().stream().map(FigureReportDocument::of).toList());
        }
    }

    /** The whole book. */
    @Schema(name = "BookReport")
    record BookReportDocument(
            int figures,
            int errors,
            int warnings,
            int notes,
            double holdingPerFigure,
            List<DanceReportDocument> dances) {}

    @GetMapping
    BookReportDocument report() {
        BookReport report = work.patiently(reports::all);
        return new BookReportDocument(
                report.figures(),
                report.count(Severity.ERROR),
                report.count(Severity.WARNING),
                report.count(Severity.NOTE),
                report.holdingPerFigure(),
                report.dances().stream().map(DanceReportDocument::of).toList());
    }
}
