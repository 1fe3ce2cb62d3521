package fluidframe.app.logbook;

import fluidframe.app.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;

/** A lesson as stored, with whose it is and its day. */
@Entity
@Table(name = "lesson")
class LessonEntity extends StoredDocument {

    private long coupleId;
    private LocalDate heldOn;

    protected LessonEntity() {}

    LessonEntity(long studio, LessonDocument lesson, String document, long couple) {
        super(studio, lesson.id());
        describe(lesson, document, couple);
    }

    void describe(LessonDocument lesson, String document, long couple) {
        this.coupleId = couple;
        this.heldOn = LocalDate.parse(lesson.date());
        write(lesson.title().strip(), document);
    }
}
