package fluidframe.app.postures;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.hibernate.envers.AuditOverride;
import org.hibernate.envers.Audited;

/** A stored sheet of posture and hold. */
@Entity
@Table(name = "posture")
@Audited
@AuditOverride(forClass = StoredDocument.class)
class PostureEntity extends StoredDocument {

    protected PostureEntity() {}

    PostureEntity(long studio, PostureDocument sheet, String document) {
        super(studio, sheet.id());
        describe(sheet, document);
    }

    void describe(PostureDocument sheet, String document) {
        write(sheet.title().strip(), document);
    }
}
