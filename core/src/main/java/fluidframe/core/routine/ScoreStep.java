package fluidframe.core.routine;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Height;
import fluidframe.core.geometry.Stance;
import fluidframe.core.motion.Tread;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import java.util.Optional;

/**
 * One row of one part, where and when it is danced in a routine.
 *
 * @param placement index of the placement
 * @param row index of the row in the part's chart
 * @param part whose row
 * @param step the row as charted
 * @param onset beats from the start of the routine
 * @param length beats until the next row
 * @param seconds onset at the routine's tempo
 * @param bar bar of the routine, from 1
 * @param beat beat of the bar, from 1
 * @param freeFoot free foot afterwards
 * @param alignment as charted, re-read for where the figure starts here, from the line of dance of this side
 * @param facing body angle from the line of dance of this side
 * @param relation position and hold from here on
 * @param stance body and feet on the floor once the step is taken
 */
public record ScoreStep(
        int placement,
        int row,
        Part part,
        Step step,
        Beats onset,
        Beats length,
        double seconds,
        int bar,
        int beat,
        Foot freeFoot,
        Optional<Alignment> alignment,
        Heading facing,
        Relation relation,
        Stance stance,
        Height reached,
        Height left) {

    Tread tread() {
        return new Tread(onset.toDouble(), length.toDouble(), step, stance, reached, left);
    }
}
