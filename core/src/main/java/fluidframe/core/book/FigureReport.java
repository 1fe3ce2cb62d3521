package fluidframe.core.book;

import fluidframe.core.audit.Severity;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One figure of a book, as somebody who looks after the book would list it.
 *
 * @param id its id
 * @param title its title
 * @param level its level
 * @param findings what the audits find in it, by severity, muted findings left out
 * @param lacks what it does not say yet, in words
 * @param lastRead the day on which it was last read against technique
 */
public record FigureReport(
        String id,
        String title,
        Level level,
        Map<Severity, Integer> findings,
        List<String> lacks,
        Optional<LocalDate> lastRead) {

    private static final int AN_ERROR = 100;
    private static final int A_LACK = 10;

    /** What needs a coach most comes first; then what was read longest ago, or never; then by title. */
    static final Comparator<FigureReport> MOST_IN_NEED = Comparator.comparingInt(FigureReport::need)
            .reversed()
            .thenComparing(report -> report.lastRead().orElse(LocalDate.MIN))
            .thenComparing(FigureReport::title);

    public FigureReport {
        findings = Collections.unmodifiableMap(
                findings.isEmpty() ? new EnumMap<>(Severity.class) : new EnumMap<>(findings));
        lacks = List.copyOf(lacks);
    }

    /** An error outweighs whatever a figure may lack, and what it lacks any warning. */
    private int need() {
        return AN_ERROR * findings.getOrDefault(Severity.ERROR, 0)
                + A_LACK * lacks.size()
                + findings.getOrDefault(Severity.WARNING, 0);
    }

    static FigureReport of(Figure figure, Map<Severity, Integer> findings) {
        return new FigureReport(
                figure.id(),
                figure.title(),
                figure.level(),
                findings,
                Lacks.of(figure),
                figure.teaching().lastRead());
    }
}
