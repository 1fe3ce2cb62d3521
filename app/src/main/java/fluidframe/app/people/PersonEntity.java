package fluidframe.app.people;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** Somebody who is taught, as stored; without versions, so that who is erased is gone. */
@Entity
@Table(name = "person")
class PersonEntity extends StoredDocument {

    protected PersonEntity() {}

    PersonEntity(long studio, PersonDocument person, String document) {
        super(studio, person.id());
        describe(person, document);
    }

    void describe(PersonDocument person, String document) {
        write(person.title().strip(), document);
    }
}
