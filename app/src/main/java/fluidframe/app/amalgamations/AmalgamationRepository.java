package fluidframe.app.amalgamations;

import fluidframe.app.storage.DocumentRepository;
import java.util.List;

interface AmalgamationRepository extends DocumentRepository<AmalgamationEntity> {

    List<AmalgamationEntity> findAllByStudioIdAndDanceOrderByTitleAscSlugAsc(long studioId, String dance);
}
