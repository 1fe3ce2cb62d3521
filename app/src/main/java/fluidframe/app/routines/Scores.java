package fluidframe.app.routines;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import org.springframework.stereotype.Component;

/**
 * The scores of the routines being worked on. The desk asks for several things about the same state of a routine, one
 * after another; it is unrolled for the first of them.
 */
@Component
public class Scores {

    /** Steps of both parts in all: a few hundred routines of ordinary length. */
    private static final int MOST_STEPS = 60_000;

    private final Cache<Routine, Score> known = Caffeine.newBuilder()
            .weakKeys()
            .maximumWeight(MOST_STEPS)
            .weigher((Routine routine, Score score) -> 1 + score.steps().size())
            .build();

    /** @param routine the same one as the reader gave before, to be remembered */
    public Score of(Routine routine) {
        Score remembered = known.getIfPresent(routine);
        if (remembered == null) {
            remembered = Score.of(routine);
            known.put(routine, remembered);
        }
        return remembered;
    }
}
