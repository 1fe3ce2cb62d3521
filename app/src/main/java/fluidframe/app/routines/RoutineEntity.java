package fluidframe.app.routines;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import java.util.HashSet;
import java.util.Set;
import org.hibernate.envers.AuditOverride;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;

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

    @ElementCollection
    @CollectionTable(name = "routine_figure", joinColumns = @JoinColumn(name = "routine_id"))
    @Column(name = "figure_id")
    @NotAudited
    private Set<Long> figures = new HashSet<>();

    /** The number of the piece it is danced to. */
    @NotAudited
    private Long pieceId;

    protected RoutineEntity() {}

    /**
     * @param danced the numbers of the figures it dances
     * @param piece the number of the piece it is danced to; null if none is chosen
     */
    RoutineEntity(long studio, RoutineDocument routine, String document, Set<Long> danced, Long piece) {
        super(studio, routine.id());
        describe(routine, document, danced, piece);
    }

    void describe(RoutineDocument routine, String newDocument, Set<Long> danced, Long piece) {
        this.pieceId = piece;
        this.dance = routine.dance();
        this.tempo = routine.tempo();
        this.placementCount = routine.placements().size();
        this.archived = routine.archived();
        figures.retainAll(danced);
        figures.addAll(danced);
        write(routine.title(), newDocument);
    }
}
