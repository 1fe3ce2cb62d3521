package fluidframe.app.routines;

import fluidframe.app.storage.DocumentRepository;
import java.util.List;
import org.springframework.data.jpa.repository.NativeQuery;
import org.springframework.data.jpa.repository.Query;

interface RoutineRepository extends DocumentRepository<RoutineEntity> {

    /** In the order of lists: by title. */
    @Query("""
            select new fluidframe.app.routines.RoutineRow(r.id, r.slug, r.revision, r.title, r.dance, r.tempo, r.placementCount, r.archived)
            from RoutineEntity r where r.studioId = :studio order by r.title, r.slug
            """)
    List<RoutineRow> rows(long studio);

    /** When a routine was kept last, milliseconds since 1970. */
    interface LastKept {
        long getId();

        long getMilliseconds();
    }

    /** Of every routine that somebody else than an author has kept; where no author was recorded it was the coach. */
    @NativeQuery("""
            select a.id as id, max(i.revtstmp) as milliseconds from routine_aud a join revinfo i on i.rev = a.rev
            where a.studio_id = :studio and coalesce(i.author, '') <> :author group by a.id
            """)
    List<LastKept> lastKept(long studio, String author);

    @Query("select r.document from RoutineEntity r where r.studioId = :studio order by r.title, r.slug")
    List<String> documents(long studio);

    @Query("select r from RoutineEntity r where r.studioId = :studio and r.pieceId = :piece order by r.title, r.slug")
    List<RoutineEntity> dancedTo(long studio, long piece);

    @Query(
            "select r from RoutineEntity r, FigureEntity f where f.studioId = :studio and f.slug = :figure and f.id member of r.figures order by r.title, r.slug")
    List<RoutineEntity> using(long studio, String figure);
}
