package fluidframe.app.routines;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

import java.util.List;

interface RoutineRepository extends JpaRepository<RoutineEntity, String> {

    List<RoutineEntity> findAllByOrderByTitleAscIdAsc();

    @Query("select r.document from RoutineEntity r order by r.title, r.id")
    List<String> documents();

    @Query("select r from RoutineEntity r where r.figures like concat('% ', :figure, ' %') order by r.title")
    List<RoutineEntity> using(String figure);
}
