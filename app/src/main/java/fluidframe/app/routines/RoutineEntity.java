package fluidframe.app.routines;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

import java.util.List;
import java.util.stream.Collectors;

/** A stored routine: its document, and which figures it needs. */
@Entity
@Table(name = "routine")
class RoutineEntity {

    @Id
    private String id;
    @Version
    private long revision;
    private String title;
    private String dance;
    private int tempo;
    private int placementCount;
    @Lob
    private String figures;
    @Lob
    private String document;

    protected RoutineEntity() {
    }

    RoutineEntity(RoutineDocument routine, String document) {
        this.id = routine.id();
        describe(routine, document);
    }

    void describe(RoutineDocument routine, String newDocument) {
        this.title = routine.title();
        this.dance = routine.dance();
        this.tempo = routine.tempo();
        this.placementCount = routine.placements().size();
        List<String> ids = routine.placements().stream().map(RoutineDocument.PlacementDocument::figure).distinct().toList();
        this.figures = ids.stream().collect(Collectors.joining(" ", " ", " "));
        this.document = newDocument;
    }

    String id() {
        return id;
    }

    long revision() {
        return revision;
    }

    String title() {
        return title;
    }

    String document() {
        return document;
    }

    RoutineSummary summary() {
        return new RoutineSummary(id, revision, title, dance, tempo, placementCount);
    }
}
