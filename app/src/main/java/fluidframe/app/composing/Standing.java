package fluidframe.app.composing;

import fluidframe.app.figures.FigureShelf;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Repertoire;
import fluidframe.core.link.Terms;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.time.Beats;
import java.util.List;

/** A routine as far as it has been put together, and what its dance has to go on with. */
final class Standing {

    private static final double ANY_ROOM = 100;

    private final Routine routine;
    private final Score score;
    private final Repertoire repertoire;

    Standing(Routine routine, FigureShelf shelf, Terms terms) {
        this.routine = routine;
        this.score = Score.of(routine, Floor.of(ANY_ROOM, ANY_ROOM, routine.dance().travels()));
        this.repertoire = Repertoire.of(shelf.ofDance(routine.dance().id()), terms);
    }

    Routine routine() {
        return routine;
    }

    Score score() {
        return score;
    }

    Repertoire repertoire() {
        return repertoire;
    }

    /**
     * @throws RefusedException if there is no such placement
     */
    Placement placement(int index) {
        if (index < 0 || index >= routine.placements().size()) {
            throw new RefusedException("There is no such place in the routine.",
                    List.of(Fault.of("/after", String.valueOf(index), "a placement from 0 to " + (routine.placements().size() - 1))));
        }
        return routine.placements().get(index);
    }

    /** The placement as the repertoire knows it; a figure above the terms' level is still what it is. */
    Dancing dancing(int index) {
        Placement placement = placement(index);
        return Dancing.of(placement.figure(), placement.way(), placement.danced());
    }

    /** Where in the bar the placement begins. */
    Beats startsAt(int index) {
        return routine.dance().rhythm().withinBar(score.firstBeat().plus(score.placements().get(index).onset()));
    }

    /** How the placement leaves the couple, named from the next side if a corner is turned after it. */
    ExitState exit(int index) {
        ScoredPlacement scored = score.placements().get(index);
        ExitState exit = dancing(index).exitFrom(scored.entry(), startsAt(index));
        return placement(index).cornerAfter() ? exit.afterCorner() : exit;
    }
}
