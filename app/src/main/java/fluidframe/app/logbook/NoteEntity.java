package fluidframe.app.logbook;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;

/** A note as stored. It never changes. */
@Entity
@Table(name = "note")
class NoteEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long studioId;
    private String slug;
    private long coupleId;
    private Long lessonId;
    private Instant madeAt;

    @Lob
    private String document;

    protected NoteEntity() {}

    /** @param lesson the number of its lesson; null for none */
    NoteEntity(long studio, String slug, long couple, Long lesson, Instant madeAt, String document) {
        this.studioId = studio;
        this.slug = slug;
        this.coupleId = couple;
        this.lessonId = lesson;
        this.madeAt = madeAt;
        this.document = document;
    }

    String document() {
        return document;
    }

    /** Its lesson is thrown away. */
    void leaveLesson() {
        lessonId = null;
    }
}
