package fluidframe.app.figures;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
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

    FigureEntity(long studio, String id, FigureFacts facts, String document) {
        super(studio, id);
        describe(facts, document);
    }

    void describe(FigureFacts facts, String newDocument) {
        this.dance = facts.dance();
        this.otherNames = facts.otherNames();
        this.level = facts.level();
        this.levelRank = facts.levelRank();
        this.bars = facts.bars();
        this.countText = facts.countText();
        this.startPosition = facts.startPosition();
        this.endPosition = facts.endPosition();
        this.startFoot = facts.startFoot();
        this.endFoot = facts.endFoot();
        this.startFacings = facts.startFacings();
        this.endFacing = facts.endFacing();
        this.errors = facts.errors();
        this.warnings = facts.warnings();
        write(facts.title(), newDocument);
    }

    /** How many findings that are not muted say that it cannot be danced. */
    int errors() {
        return errors;
    }
}
