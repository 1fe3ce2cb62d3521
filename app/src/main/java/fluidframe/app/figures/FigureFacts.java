package fluidframe.app.figures;

import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Finding;
import fluidframe.core.audit.Severity;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.EntryState;
import fluidframe.core.link.ExitState;
import fluidframe.core.notation.Column;
import fluidframe.core.text.Fraction;
import java.util.List;
import java.util.stream.Collectors;

/** What lists and searches need of a figure without reading its document. */
record FigureFacts(
        String title,
        String dance,
        String otherNames,
        String level,
        int levelRank,
        String bars,
        String countText,
        String startPosition,
        String endPosition,
        String startFoot,
        String endFoot,
        String startFacings,
        String endFacing,
        int errors,
        int warnings) {

    /** Audits the figure, which takes a few milliseconds. */
    static FigureFacts of(Figure figure) {
        EntryState entry = EntryState.of(figure);
        ExitState exit = ExitState.of(figure);
        List<Finding> findings = Audit.of(figure);
        return new FigureFacts(
                figure.title(),
                figure.dance().id(),
                String.join("\n", figure.otherNames()),
                figure.level().shorthand(),
                figure.level().ordinal(),
                new Fraction(figure.length().ticks(), figure.rhythm().bar().ticks()).toString(),
                figure.man().steps().stream().map(Column.COUNT::shorthand).collect(Collectors.joining(" ")),
                entry.relation().position().shorthand(),
                exit.relation().position().shorthand(),
                entry.manFree().shorthand(),
                exit.manFree().shorthand(),
                entry.facings().stream().map(Object::toString).collect(Collectors.joining(" ")),
                exit.facing().toString(),
                count(findings, Severity.ERROR),
                count(findings, Severity.WARNING));
    }

    private static int count(List<Finding> findings, Severity severity) {
        return (int) findings.stream()
                .filter(finding -> finding.severity() == severity && !finding.isMuted())
                .count();
    }
}
