package fluidframe.app.logbook;

import fluidframe.app.storage.DocumentRepository;
import java.time.LocalDate;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface LessonRepository extends DocumentRepository<LessonEntity> {

    @Query(
            "select l from LessonEntity l where l.studioId = :studio and l.heldOn between :from and :to order by l.heldOn, l.title, l.slug")
    List<LessonEntity> between(long studio, LocalDate from, LocalDate to);

    List<LessonEntity> findAllByCoupleIdOrderByHeldOnAsc(long couple);
}
