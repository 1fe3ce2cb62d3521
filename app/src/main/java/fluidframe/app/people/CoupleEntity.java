package fluidframe.app.people;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import java.util.HashSet;
import java.util.Set;

/** Those who are taught together, as stored, and who they are. */
@Entity
@Table(name = "couple")
class CoupleEntity extends StoredDocument {

    @ElementCollection
    @CollectionTable(name = "couple_person", joinColumns = @JoinColumn(name = "couple_id"))
    @Column(name = "person_id")
    private Set<Long> people = new HashSet<>();

    protected CoupleEntity() {}

    /** @param members the numbers of those in it */
    CoupleEntity(long studio, CoupleDocument couple, String document, Set<Long> members) {
        super(studio, couple.id());
        describe(couple, document, members);
    }

    void describe(CoupleDocument couple, String document, Set<Long> members) {
        people.retainAll(members);
        people.addAll(members);
        write(couple.title().strip(), document);
    }
}
