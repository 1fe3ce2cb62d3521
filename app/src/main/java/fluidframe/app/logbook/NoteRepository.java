package fluidframe.app.logbook;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface NoteRepository extends JpaRepository<NoteEntity, Long> {

    Optional<NoteEntity> findByStudioIdAndSlug(long studio, String slug);

    List<NoteEntity> findAllByCoupleIdOrderByMadeAtAscIdAsc(long couple);

    List<NoteEntity> findAllByLessonIdOrderByMadeAtAscIdAsc(long lesson);

    /** How many notes a couple has, and the number of the last; the two tell whether anything came or went. */
    record Extent(long couple, long count, long last) {}

    @Query(
            "select new fluidframe.app.logbook.NoteRepository$Extent(n.coupleId, count(n), max(n.id)) from NoteEntity n where n.studioId = :studio group by n.coupleId")
    List<Extent> extents(long studio);
}
