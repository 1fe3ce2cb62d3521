package fluidframe.app.rules;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.hibernate.envers.AuditOverride;
import org.hibernate.envers.Audited;

/** The stored rules of an organiser. */
@Entity
@Table(name = "rule_profile")
@Audited
@AuditOverride(forClass = StoredDocument.class)
class ProfileEntity extends StoredDocument {

    protected ProfileEntity() {}

    ProfileEntity(long studio, ProfileDocument profile, String document) {
        super(studio, profile.id());
        describe(profile, document);
    }

    void describe(ProfileDocument profile, String document) {
        write(profile.title().strip(), document);
    }
}
