package fluidframe.app.pieces;

import fluidframe.app.storage.DocumentRepository;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface PieceRepository extends DocumentRepository<PieceEntity> {

    /** In the order of lists: by title. */
    @Query("select p from PieceEntity p where p.studioId = :studio order by p.title, p.slug")
    List<PieceEntity> all(long studio);
}
