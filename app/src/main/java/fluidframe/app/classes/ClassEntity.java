package fluidframe.app.classes;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A class as stored; without versions, for it holds names. */
@Entity
@Table(name = "class_plan")
class ClassEntity extends StoredDocument {

    protected ClassEntity() {}

    ClassEntity(long studio, ClassDocument kept, String document) {
        super(studio, kept.id());
        describe(kept, document);
    }

    void describe(ClassDocument kept, String document) {
        write(kept.title().strip(), document);
    }
}
