package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Caution;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Action;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** L1. What the charts ask of a body decides which cautions a figure must carry. */
final class CautionsAreShown extends CheckedRule {

    CautionsAreShown() {
        super("L1", "the caution tags fit what is danced",
                "Spins, spirals, lunges, dips, back-bends and quick locks are learned with a coach present; the page has to say so.");
    }

    @Override
    public List<Finding> check(Subject subject) {
        Set<Caution> carried = Set.copyOf(subject.figure().teaching().cautions());
        List<Finding> found = new ArrayList<>();
        require(carried, Caution.SPIN, anyStep(subject, CautionsAreShown::spinsRound), "a spin of a whole turn or more", found);
        require(carried, Caution.SPIRAL, anyStep(subject, step -> step.does(Action.SPIRAL)), "a spiral", found);
        require(carried, Caution.LUNGE, anyStep(subject, step -> step.does(Action.LUNGE)), "a lunge", found);
        require(carried, Caution.DIP, anyStep(subject, step -> step.does(Action.DIP) || step.does(Action.BACK_BEND)), "a dip or back-bend", found);
        require(carried, Caution.LOCK_AT_SPEED, locksAtSpeed(subject), "a lock on a beat or less in under 0.35 s", found);
        return found;
    }

    private static final double SPEED_SECONDS = 0.35;

    private static boolean spinsRound(Step step) {
        return step.turn().on().size() >= Turn.WHOLE || step.does(Action.SPIN) && step.turn().between().size() + step.turn().on().size() >= Turn.WHOLE;
    }

    private static boolean locksAtSpeed(Subject subject) {
        for (Part part : Part.values()) {
            List<Step> steps = subject.steps(part);
            boolean quick = subject.timing(part).map(timing -> {
                for (int row = 0; row < steps.size(); row++) {
                    Beats length = timing.slots().get(row).length();
                    if (steps.get(row).does(Action.LOCK) && length.compareTo(Beats.ONE) <= 0
                            && subject.dance().fastest().seconds(timing.rhythm(), length) < SPEED_SECONDS) {
                        return true;
                    }
                }
                return false;
            }).orElse(false);
            if (quick) {
                return true;
            }
        }
        return false;
    }

    private static boolean anyStep(Subject subject, Predicate<Step> asks) {
        return subject.steps(Part.MAN).stream().anyMatch(asks) || subject.steps(Part.LADY).stream().anyMatch(asks);
    }

    private void require(Set<Caution> carried, Caution caution, boolean asked, String what, List<Finding> found) {
        if (asked && !carried.contains(caution)) {
            Place place = Place.field("cautions");
            found.add(note(place, "no caution " + caution, caution.shorthand(), "It contains " + what + "; it should carry the caution \"" + caution
                    + "\".", new Fix("add the caution", place, caution.shorthand())));
        }
    }
}
