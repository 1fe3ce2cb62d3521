package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;

/** F4. Paso doble marches on the heel and is left alone. */
final class LatinHasNoHeelLead extends CheckedRule {

    private static final String MARCHES = "paso-doble";

    LatinHasNoHeelLead() {
        super("F4", "no heel lead in Latin, except in paso doble",
                "With the heel first the knee bends late and the hip has nothing to settle over.");
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        if (!subject.dance().style().isLatin() || subject.dance().id().equals(MARCHES)) {
            return found;
        }
        for (Part part : Part.values()) {
            for (int row = 0; row < subject.steps(part).size(); row++) {
                Step step = subject.steps(part).get(row);
                if (step.takesWeight() && step.footwork().first().filter(first -> first == Footwork.Surface.HEEL).isPresent()) {
                    found.add(warning(Place.cell(part, row, Column.FOOTWORK), step.footwork().toString(), "ball first",
                            "Step " + (row + 1) + " leads with the heel; " + subject.dance().title() + " is danced ball first.",
                            new Fix("make it BF", Place.cell(part, row, Column.FOOTWORK), "BF")));
                }
            }
        }
        return found;
    }
}
