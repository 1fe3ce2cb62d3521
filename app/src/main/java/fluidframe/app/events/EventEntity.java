package fluidframe.app.events;

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

/** A stored event, the rules it is danced under, and which routines are. */
@Entity
@Table(name = "event")
@Audited
@AuditOverride(forClass = StoredDocument.class)
class EventEntity extends StoredDocument {

    @NotAudited
    private long profileId;

    @ElementCollection
    @CollectionTable(name = "event_routine", joinColumns = @JoinColumn(name = "event_id"))
    @Column(name = "routine_id")
    @NotAudited
    private Set<Long> routines = new HashSet<>();

    protected EventEntity() {}

    /**
     * @param profile the number of its rules
     * @param danced the numbers of the routines that are danced
     */
    EventEntity(long studio, EventDocument event, String document, long profile, Set<Long> danced) {
        super(studio, event.id());
        describe(event, document, profile, danced);
    }

    void describe(EventDocument event, String document, long profile, Set<Long> danced) {
        this.profileId = profile;
        routines.retainAll(danced);
        routines.addAll(danced);
        write(event.title().strip(), document);
    }
}
