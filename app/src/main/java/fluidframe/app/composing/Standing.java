package fluidframe.app.composing;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.EntryState;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A routine as far as it has been put together, and what its dance has to go on with. */
final class Standing {

    private final Score score;
    private final Course course;
    private final Repertoire repertoire;

    Standing(Score score, Repertoires repertoires) {
        this.score = score;
        this.course = score.course();
        this.repertoire =
                repertoires.of(score.routine().dance(), score.routine().conditions());
    }

    Routine routine() {
        return course.routine();
    }

    Course course() {
        return course;
    }

    Score score() {
        return score;
    }

    Repertoire repertoire() {
        return repertoire;
    }

    int last() {
        return course.placements().size() - 1;
    }

    /**
     * @param passage as it is danced, every repeat counted
     * @throws RefusedException if there is no such passage
     */
    ScoredPlacement placed(int passage) {
        if (passage < 0 || passage > last()) {
            throw new RefusedException(
                    ComposingSentences.thereIsNoSuchPlaceIn(),
                    List.of(Fault.of("/after", String.valueOf(passage), ComposingSentences.aPlaceFrom0To2(last()))));
        }
        return course.placements().get(passage);
    }

    Dancing dancing(int passage) {
        return placed(passage).dancing();
    }

    /** How the passage leaves the couple, named from the next side if a corner is turned after it. */
    ExitState exit(int passage) {
        placed(passage);
        return course.exit(passage);
    }

    /** How the passage needs the couple, on the heading it is begun on here. */
    EntryState entry(int passage) {
        ScoredPlacement placed = placed(passage);
        EntryState entry = placed.dancing().entry();
        return entry.loose() ? entry : entry.from(placed.entry());
    }

    /**
     * How far the couple may travel along each side of the floor from where a passage leaves them, metres.
     *
     * @param after the passage; empty from the beginning
     * @param corners how many corners are turned on the way
     */
    List<Double> sides(Optional<Integer> after, int corners) {
        Floor floor = routine().floor();
        Point at = floor.start();
        int side = 0;
        if (after.isPresent()) {
            ScoredPlacement placed = placed(after.get());
            side = placed.side() + (placed.placement().cornerAfter() ? 1 : 0);
            at = score.steps().stream()
                    .filter(step -> step.placement() <= after.get())
                    .reduce((a, b) -> b)
                    .map(step -> step.stance().body())
                    .orElse(at);
        }
        List<Double> metres = new ArrayList<>(List.of(floor.ahead(at, side)));
        for (int corner = 1; corner <= corners; corner++) {
            metres.add(floor.along(side + corner));
        }
        return metres;
    }
}
