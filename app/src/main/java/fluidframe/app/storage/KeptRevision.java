package fluidframe.app.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.hibernate.envers.RevisionEntity;
import org.hibernate.envers.RevisionListener;
import org.hibernate.envers.RevisionNumber;
import org.hibernate.envers.RevisionTimestamp;

/** When and by whom versions were kept. */
@Entity
@Table(name = "revinfo")
@RevisionEntity(KeptRevision.Signing.class)
class KeptRevision {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @RevisionNumber
    private int rev;

    @RevisionTimestamp
    private long revtstmp;

    private String author;

    protected KeptRevision() {}

    int number() {
        return rev;
    }

    Instant kept() {
        return Instant.ofEpochMilli(revtstmp);
    }

    /** Nobody where it was kept before authors were. */
    Optional<String> author() {
        return Optional.ofNullable(author);
    }

    /** Signs each as it is made. */
    static final class Signing implements RevisionListener {

        @Override
        public void newRevision(Object revision) {
            ((KeptRevision) revision).author = Author.now();
        }
    }
}
