package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Caution;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Action;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** L1. What the charts ask of a body decides which cautions a figure must carry. */
final class CautionsAreShown extends CheckedRule {

    CautionsAreShown() {
        super("L1", AuditSentences.theCautionTagsFitWhatIs(), AuditSentences.spinsSpiralsLungesDipsBackBends());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.PARTS;
    }

    @Override
    public List<Finding> check(Subject subject) {
        Set<Caution> carried = Set.copyOf(subject.figure().teaching().cautions());
        List<Finding> found = new ArrayList<>();
        require(carried, Caution.SPIN, spins(subject), AuditSentences.aSpinOfAWholeTurn(), found);
        unasked(
                carried,
                Caution.SPIN,
                goesRound(subject.steps(Part.MAN)) || goesRound(subject.steps(Part.LADY)),
                AuditSentences.aSpinOrATurnNearly(),
                found);
        unasked(carried, Caution.SPIRAL, anyStep(subject, step -> step.does(Action.SPIRAL)), "a spiral", found);
        unasked(carried, Caution.LOCK_AT_SPEED, anyStep(subject, step -> step.does(Action.LOCK)), "a lock", found);
        require(carried, Caution.SPIRAL, anyStep(subject, step -> step.does(Action.SPIRAL)), "a spiral", found);
        require(carried, Caution.LUNGE, anyStep(subject, step -> step.does(Action.LUNGE)), "a lunge", found);
        require(
                carried,
                Caution.DIP,
                anyStep(subject, step -> step.does(Action.DIP) || step.does(Action.BACK_BEND)),
                AuditSentences.aDipOrBackBend(),
                found);
        require(carried, Caution.LOCK_AT_SPEED, locksAtSpeed(subject), AuditSentences.aLockOnABeatOr(), found);
        return found;
    }

    private static final double SPEED_SECONDS = 0.35;

    private static final int NEARLY_ROUND = 3 * Turn.WHOLE / 4;

    private static boolean spins(Subject subject) {
        return spins(subject.steps(Part.MAN)) || spins(subject.steps(Part.LADY));
    }

    /** A whole turn on one foot, or spun on one step after another. */
    private static boolean spins(List<Step> steps) {
        int spun = 0;
        for (Step step : steps) {
            spun = step.does(ActionTrait.SPINS)
                    ? spun + step.turn().between().size() + step.turn().on().size()
                    : 0;
            if (spun >= Turn.WHOLE || step.turn().on().size() >= Turn.WHOLE) {
                return true;
            }
        }
        return false;
    }

    private static boolean locksAtSpeed(Subject subject) {
        for (Part part : Part.values()) {
            List<Step> steps = subject.steps(part);
            boolean quick = subject.timing(part)
                    .map(timing -> {
                        for (int row = 0; row < steps.size(); row++) {
                            Beats length = timing.slots().get(row).length();
                            if (steps.get(row).does(Action.LOCK)
                                    && length.compareTo(Beats.ONE) <= 0
                                    && subject.dance().fastest().seconds(timing.rhythm(), length) < SPEED_SECONDS) {
                                return true;
                            }
                        }
                        return false;
                    })
                    .orElse(false);
            if (quick) {
                return true;
            }
        }
        return false;
    }

    private static boolean anyStep(Subject subject, Predicate<Step> asks) {
        return subject.steps(Part.MAN).stream().anyMatch(asks)
                || subject.steps(Part.LADY).stream().anyMatch(asks);
    }

    private void require(Set<Caution> carried, Caution caution, boolean asked, String what, List<Finding> found) {
        if (asked && !carried.contains(caution)) {
            Place place = Place.field("cautions");
            found.add(note(
                    place,
                    AuditSentences.noCaution(caution),
                    caution.shorthand(),
                    AuditSentences.itContainsItShouldCarryThe(what, caution),
                    new Fix(AuditSentences.addTheCaution(), place, caution.shorthand())));
        }
    }

    private void unasked(Set<Caution> carried, Caution caution, boolean mayBe, String what, List<Finding> found) {
        if (carried.contains(caution) && !mayBe) {
            found.add(note(
                    Place.field("cautions"),
                    caution.shorthand(),
                    AuditSentences.nothingThatAsksForIt(),
                    AuditSentences.itCarriesTheCautionAndNo(caution, what)));
        }
    }

    /**
     * Turning on and on the same way, as under an arm or on the spot, by nearly once round; or anything that is called
     * a spin, a pivot and the like.
     */
    private static boolean goesRound(List<Step> steps) {
        int round = 0;
        for (Step step : steps) {
            int turn = step.turn().between().sixteenths() + step.turn().on().sixteenths();
            round = turn == 0 || Integer.signum(turn) != Integer.signum(round) ? turn : round + turn;
            if (Math.abs(round) >= NEARLY_ROUND || step.does(ActionTrait.CARRIES_TURN_ON)) {
                return true;
            }
        }
        return false;
    }
}
