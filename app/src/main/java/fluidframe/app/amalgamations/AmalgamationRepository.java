package fluidframe.app.amalgamations;

import fluidframe.app.storage.DocumentRepository;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface AmalgamationRepository extends DocumentRepository<AmalgamationEntity> {

    List<AmalgamationEntity> findAllByStudioIdAndDanceOrderByTitleAscSlugAsc(long studioId, String dance);

    /** Those of a dance that did not come with the program, by id. */
    @Query(
            value = "select slug from amalgamation where studio_id = :studio and dance = :dance"
                    + " except select slug from shipped_amalgamation where studio_id = :studio",
            nativeQuery = true)
    List<String> findOwn(long studio, String dance);
}
