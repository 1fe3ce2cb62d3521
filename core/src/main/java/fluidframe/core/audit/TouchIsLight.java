package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Step;
import java.util.Optional;

/** F7. Two parts of the foot in a row mean a foot that takes the floor; a touch has only one. */
final class TouchIsLight extends StepRule {

    TouchIsLight() {
        super(
                "F7",
                "a brush, tap or point carries no full footwork; an edge is named",
                "Footwork as for a step invites the weight onto a foot that must stay free.");
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        boolean touches = step.foot().isPresent() && step.footPosition().isPresent() && !step.takesWeight();
        if (!touches || step.footwork().contacts().size() < 2) {
            return Optional.empty();
        }
        return Optional.of(note(
                Place.cell(part, row, Column.FOOTWORK),
                step.footwork().toString(),
                "one part of the foot",
                "Step " + (row + 1) + " takes no weight; footwork " + step.footwork()
                        + " reads like a step. Name the one part or edge that touches."));
    }
}
