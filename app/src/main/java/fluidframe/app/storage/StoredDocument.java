package fluidframe.app.storage;

import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;

/** A document as it is stored, with its id and its revision. */
@MappedSuperclass
public abstract class StoredDocument {

    @Id
    private String id;
    @Version
    private long revision;
    private String title;
    @Lob
    private String document;

    protected StoredDocument() {
    }

    protected StoredDocument(String id) {
        this.id = id;
    }

    public String id() {
        return id;
    }

    public long revision() {
        return revision;
    }

    public String document() {
        return document;
    }

    public String title() {
        return title;
    }

    protected void write(String newTitle, String newDocument) {
        this.title = newTitle;
        this.document = newDocument;
    }
}
