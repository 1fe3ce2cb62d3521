package fluidframe.app.routines;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import org.hibernate.envers.AuditOverride;
import org.hibernate.envers.Audited;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

import java.util.stream.Collectors;

/** A stored routine: its document, and which figures it needs. */
@Entity
@Table(name = "routine")
@Audited
@AuditOverride(forClass = StoredDocument.class)
class RoutineEntity extends StoredDocument {

    private String dance;
    private int tempo;
    private int placementCount;
    private boolean archived;
    @Lob
    private String figures;

    protected RoutineEntity() {
    }

    RoutineEntity(RoutineDocument routine, String document) {
        super(routine.id());
        describe(routine, document);
    }

    void describe(RoutineDocument routine, String newDocument) {
        this.dance = routine.dance();
        this.tempo = routine.tempo();
        this.placementCount = routine.placements().size();
        this.archived = routine.archived();
        this.figures = routine.figures().stream().collect(Collectors.joining(" ", " ", " "));
        write(routine.title(), newDocument);
    }

    RoutineSummary summary() {
        return new RoutineSummary(id(), revision(), title(), dance, tempo, placementCount, archived);
    }
}
