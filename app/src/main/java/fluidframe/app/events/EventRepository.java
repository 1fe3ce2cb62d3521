package fluidframe.app.events;

import fluidframe.app.storage.DocumentRepository;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface EventRepository extends DocumentRepository<EventEntity> {

    @Query("select e from EventEntity e where e.studioId = :studio and e.profileId = :profile order by e.title, e.slug")
    List<EventEntity> under(long studio, long profile);

    @Query(
            "select e from EventEntity e where e.studioId = :studio and :routine member of e.routines order by e.title, e.slug")
    List<EventEntity> dancing(long studio, long routine);
}
