package fluidframe.app.dances;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** What the studio holds differently of a dance, as stored. */
@Entity
@Table(name = "dance_custom")
class DanceCustomEntity extends StoredDocument {

    protected DanceCustomEntity() {}

    DanceCustomEntity(long studio, DanceCustomDocument custom, String document) {
        super(studio, custom.id());
        describe(custom, document);
    }

    void describe(DanceCustomDocument custom, String document) {
        write(custom.title(), document);
    }
}
