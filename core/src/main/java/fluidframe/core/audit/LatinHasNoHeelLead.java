package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.HeelLead;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import java.util.Optional;

/** F4. Paso doble marches on the heel and is left alone. */
final class LatinHasNoHeelLead extends StepRule {

    LatinHasNoHeelLead() {
        super("F4", "no heel lead in Latin, except in paso doble",
                "With the heel first the knee bends late and the hip has nothing to settle over.");
    }

    @Override
    boolean concerns(Subject subject) {
        return subject.dance().technique().heelLead() == HeelLead.FORBIDDEN;
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        if (!step.takesWeight() || step.footwork().first().filter(first -> first == Footwork.Surface.HEEL).isEmpty()) {
            return Optional.empty();
        }
        Place place = Place.cell(part, row, Column.FOOTWORK);
        return Optional.of(warning(place, step.footwork().toString(), "ball first",
                "Step " + (row + 1) + " leads with the heel; " + subject.dance().title() + " is danced ball first.", new Fix("make it BF", place, "BF")));
    }
}
