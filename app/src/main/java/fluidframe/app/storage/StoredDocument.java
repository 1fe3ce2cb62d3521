package fluidframe.app.storage;

import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;

/** A document as it is stored: its number, its studio, the slug people and files know it by, and its revision. */
@MappedSuperclass
public abstract class StoredDocument {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long studioId;
    private String slug;

    @Version
    private long revision;

    private String title;

    @Lob
    private String document;

    protected StoredDocument() {}

    protected StoredDocument(long studioId, String slug) {
        this.studioId = studioId;
        this.slug = slug;
    }

    public Long id() {
        return id;
    }

    public String slug() {
        return slug;
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
