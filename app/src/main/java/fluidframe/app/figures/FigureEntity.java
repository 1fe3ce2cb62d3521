package fluidframe.app.figures;

import fluidframe.app.storage.StoredDocument;
import fluidframe.core.audit.Audit;
import fluidframe.core.audit.Finding;
import fluidframe.core.audit.Severity;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.EntryState;
import fluidframe.core.link.ExitState;
import fluidframe.core.notation.Column;
import fluidframe.core.text.Fraction;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.List;
import java.util.stream.Collectors;
import org.hibernate.envers.AuditOverride;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;

/** A stored figure: its document, and what lists and searches need of it without reading the document. */
@Entity
@Table(name = "figure")
@Audited
@AuditOverride(forClass = StoredDocument.class)
class FigureEntity extends StoredDocument {

    private String dance;

    @NotAudited
    private String otherNames;

    @NotAudited
    private String level;

    @NotAudited
    private int levelRank;

    @NotAudited
    private String bars;

    @NotAudited
    private String countText;

    @NotAudited
    private String startPosition;

    @NotAudited
    private String endPosition;

    @NotAudited
    private String startFoot;

    @NotAudited
    private String endFoot;

    @NotAudited
    private String startFacings;

    @NotAudited
    private String endFacing;

    @NotAudited
    private int errors;

    @NotAudited
    private int warnings;

    protected FigureEntity() {}

    FigureEntity(long studio, Figure figure, String document) {
        super(studio, figure.id());
        describe(figure, document);
    }

    void describe(Figure figure, String newDocument) {
        EntryState entry = EntryState.of(figure);
        ExitState exit = ExitState.of(figure);
        List<Finding> findings = Audit.of(figure);
        this.dance = figure.dance().id();
        this.otherNames = String.join("\n", figure.otherNames());
        this.level = figure.level().shorthand();
        this.levelRank = figure.level().ordinal();
        this.bars = new Fraction(figure.length().ticks(), figure.rhythm().bar().ticks()).toString();
        this.countText =
                figure.man().steps().stream().map(Column.COUNT::shorthand).collect(Collectors.joining(" "));
        this.startPosition = entry.relation().position().shorthand();
        this.endPosition = exit.relation().position().shorthand();
        this.startFoot = entry.manFree().shorthand();
        this.endFoot = exit.manFree().shorthand();
        this.startFacings = entry.facings().stream().map(Object::toString).collect(Collectors.joining(" "));
        this.endFacing = exit.facing().toString();
        this.errors = count(findings, Severity.ERROR);
        this.warnings = count(findings, Severity.WARNING);
        write(figure.title(), newDocument);
    }

    /** How many findings that are not muted say that it cannot be danced. */
    int errors() {
        return errors;
    }

    private static int count(List<Finding> findings, Severity severity) {
        return (int) findings.stream()
                .filter(finding -> finding.severity() == severity && !finding.isMuted())
                .count();
    }
}
