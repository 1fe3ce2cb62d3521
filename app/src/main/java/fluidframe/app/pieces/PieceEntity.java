package fluidframe.app.pieces;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.hibernate.envers.AuditOverride;
import org.hibernate.envers.Audited;

/** A stored piece of music. */
@Entity
@Table(name = "piece")
@Audited
@AuditOverride(forClass = StoredDocument.class)
class PieceEntity extends StoredDocument {

    protected PieceEntity() {}

    PieceEntity(long studio, PieceDocument piece, String document) {
        super(studio, piece.id());
        describe(piece, document);
    }

    void describe(PieceDocument piece, String document) {
        write(piece.title().strip(), document);
    }
}
