package fluidframe.app.amalgamations;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.hibernate.envers.AuditOverride;
import org.hibernate.envers.Audited;

/** A stored amalgamation. */
@Entity
@Table(name = "amalgamation")
@Audited
@AuditOverride(forClass = StoredDocument.class)
class AmalgamationEntity extends StoredDocument {

    private String dance;

    protected AmalgamationEntity() {}

    AmalgamationEntity(long studio, AmalgamationDocument amalgamation, String document) {
        super(studio, amalgamation.id());
        describe(amalgamation, document);
    }

    void describe(AmalgamationDocument amalgamation, String document) {
        this.dance = amalgamation.dance();
        write(amalgamation.title().strip(), document);
    }
}
