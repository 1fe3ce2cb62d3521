package fluidframe.app.figures;

import fluidframe.app.storage.DocumentRepository;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface FigureRepository extends DocumentRepository<FigureEntity> {

    String ROW = """
            select new fluidframe.app.figures.FigureRow(f.id, f.slug, f.revision, f.dance, f.title, f.otherNames, f.level, f.bars, f.countText, f.startFoot, f.startPosition,
                f.startFacings, f.endFoot, f.endPosition, f.endFacing, f.errors, f.warnings)
            from FigureEntity f where f.studioId = :studio
            """;

    /** In the order of lists: by dance, the easiest first, then by title. */
    @Query(ROW + " order by f.dance, f.levelRank, f.title, f.slug")
    List<FigureRow> rows(long studio);

    @Query(ROW + " and f.slug in :slugs")
    List<FigureRow> rows(long studio, Collection<String> slugs);

    @Query(
            "select f.document from FigureEntity f where f.studioId = :studio order by f.dance, f.levelRank, f.title, f.slug")
    List<String> documents(long studio);

    /** Stores how many findings a figure has; its revision stays. */
    @Modifying
    @Query("""
            update FigureEntity f set f.errors = :errors, f.warnings = :warnings
            where f.studioId = :studio and f.slug = :slug
            """)
    void count(long studio, String slug, int errors, int warnings);
}
