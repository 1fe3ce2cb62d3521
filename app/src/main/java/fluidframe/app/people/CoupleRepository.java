package fluidframe.app.people;

import fluidframe.app.storage.DocumentRepository;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface CoupleRepository extends DocumentRepository<CoupleEntity> {

    @Query(
            "select c from CoupleEntity c where c.studioId = :studio and :person member of c.people order by c.title, c.slug")
    List<CoupleEntity> with(long studio, long person);
}
