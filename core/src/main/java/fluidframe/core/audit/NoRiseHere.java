package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.RiseFall;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** R2. Bolero is the one dance of the Latin families that rises and falls by nature. */
final class NoRiseHere extends CheckedRule {

    private static final Set<String> TANGOS = Set.of("tango", "american-tango");
    private static final String RISES = "bolero";

    NoRiseHere() {
        super("R2", "tango and the Latin dances have no rise and fall",
                "Their knees stay flexed and the head level; a rise written there comes from another dance.");
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        boolean level = TANGOS.contains(subject.dance().id()) || subject.dance().style().isLatin() && !subject.dance().id().equals(RISES);
        for (Part part : Part.values()) {
            for (int row = 0; level && row < subject.steps(part).size(); row++) {
                RiseFall rise = subject.steps(part).get(row).rise();
                if (rise.phases().stream().anyMatch(phase -> phase.kind() != RiseFall.Kind.NO_FOOT_RISE)) {
                    Place place = Place.cell(part, row, Column.RISE);
                    found.add(error(place, rise.toString(), "nothing", subject.dance().title() + " has no rise and fall; step "
                            + (row + 1) + " says \"" + rise + "\".", new Fix("take it out", place, "")));
                }
            }
        }
        return found;
    }
}
