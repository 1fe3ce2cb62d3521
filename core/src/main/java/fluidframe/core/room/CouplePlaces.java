package fluidframe.core.room;

import fluidframe.core.couple.Part;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Score;
import fluidframe.core.space.Point;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Where a couple are on the floor after what they dance. */
public final class CouplePlaces {

    private CouplePlaces() {}

    /** Metres of their side that the couple could still travel after each placement they dance on with. */
    public static List<Double> aheadAfterEach(DancedOn danced) {
        Score score = danced.score();
        Floor floor = score.course().routine().floor();
        Map<Integer, Point> last = new HashMap<>();
        score.steps().stream()
                .filter(step -> step.part() == Part.MAN)
                .forEach(step -> last.put(step.placement(), step.stance().body()));
        return IntStream.range(danced.from(), score.course().placements().size())
                .mapToObj(index -> floor.ahead(
                        last.getOrDefault(index, floor.start()),
                        score.course().placements().get(index).side()))
                .toList();
    }
}
