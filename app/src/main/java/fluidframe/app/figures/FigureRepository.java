package fluidframe.app.figures;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

import java.util.List;

interface FigureRepository extends JpaRepository<FigureEntity, String> {

    /** An empty text leaves its condition out; a facing is sought among all those the figure may start from. */
    @Query("""
            select new fluidframe.app.figures.FigureRow(f.id, f.revision, f.dance, f.title, f.level, f.bars, f.countText, f.startFoot, f.startPosition,
                f.startFacings, f.endFoot, f.endPosition, f.endFacing, f.errors, f.warnings)
            from FigureEntity f
            where (:dance = '' or f.dance = :dance)
              and (:level = '' or f.level = :level)
              and (:position = '' or f.startPosition = :position)
              and (:foot = '' or f.startFoot = :foot)
              and (:facing = '' or concat(' ', f.startFacings, ' ') like concat('% ', :facing, ' %'))
              and (:words = '' or lower(f.title) like concat('%', lower(:words), '%'))
            order by f.dance, f.levelRank, f.title
            """)
    List<FigureRow> search(String dance, String level, String position, String foot, String facing, String words);

    @Query("select new fluidframe.app.figures.FigureLibrary$Edition(f.id, f.revision) from FigureEntity f where f.dance = :dance order by f.levelRank, f.title")
    List<FigureLibrary.Edition> editionsOfDance(String dance);

    @Query("select new fluidframe.app.figures.FigureLibrary$Edition(f.id, f.revision) from FigureEntity f where f.id in :ids")
    List<FigureLibrary.Edition> editions(List<String> ids);

    @Query("select new fluidframe.app.figures.FigureLibrary$Edition(f.id, f.revision) from FigureEntity f")
    List<FigureLibrary.Edition> editions();

    /** Those of the ids that there are figures of. */
    @Query("select f.id from FigureEntity f where f.id in :ids")
    List<String> ids(List<String> ids);

    @Query("select f.document from FigureEntity f order by f.dance, f.levelRank, f.title")
    List<String> documents();
}
