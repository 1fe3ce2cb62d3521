package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * R1. A chart whose first word of rise is "up", "remains up" or "lowers" begins up, as after a figure that ended so.
 * Where a new rise begins and the last one was never lowered, the row before is where the lowering is missing, unless
 * that row has just begun to rise itself. A body rise may be lowered or not.
 */
final class RiseGoesInOrder extends CheckedRule {

    private enum State {
        DOWN,
        BEGUN,
        RISING,
        UP,
        STAYS_UP,
        BODY_ONLY
    }

    RiseGoesInOrder() {
        super("R1", AuditSentences.riseBeginsGoesOnIsUp(), AuditSentences.aRiseThatIsNeverLowered());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.PARTS;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            check(part, subject.steps(part)).ifPresent(found::add);
        }
        return found;
    }

    private Optional<Finding> check(Part part, List<Step> steps) {
        State state = beginsUp(steps) ? State.UP : State.DOWN;
        for (int row = 0; row < steps.size(); row++) {
            for (RiseFall.Phase phase : steps.get(row).rise().phases()) {
                Optional<Finding> slip = slip(part, row, state, phase);
                if (slip.isPresent()) {
                    return slip;
                }
                state = after(state, phase.kind());
            }
            if (state == State.BEGUN && row + 1 < steps.size() && !commences(steps.get(row + 1))) {
                state = State.RISING;
            }
        }
        boolean lowered = state == State.DOWN || state == State.STAYS_UP || state == State.BODY_ONLY;
        return lowered
                ? Optional.empty()
                : Optional.of(missingLowering(part, steps.size() - 1, AuditSentences.byTheEndOfTheFigure()));
    }

    private static boolean commences(Step step) {
        return !step.rise().isNone() && step.rise().phases().get(0).kind() == RiseFall.Kind.COMMENCE;
    }

    private static boolean beginsUp(List<Step> steps) {
        return steps.stream()
                .flatMap(step -> step.rise().phases().stream())
                .map(RiseFall.Phase::kind)
                .filter(kind -> kind != RiseFall.Kind.NO_FOOT_RISE)
                .findFirst()
                .filter(kind ->
                        kind == RiseFall.Kind.UP || kind == RiseFall.Kind.REMAIN_UP || kind == RiseFall.Kind.LOWER)
                .isPresent();
    }

    private Optional<Finding> slip(Part part, int row, State state, RiseFall.Phase phase) {
        return switch (phase.kind()) {
            case COMMENCE -> beginsAgain(part, row, state, phase);
            case CONTINUE ->
                state == State.DOWN
                        ? Optional.of(outOfOrder(
                                part, row, phase, AuditSentences.itHasNotBegun(), AuditSentences.crBeforeIt()))
                        : Optional.empty();
            case LOWER ->
                state == State.DOWN
                        ? Optional.of(outOfOrder(
                                part,
                                row,
                                phase,
                                AuditSentences.thereIsNoRiseToLower(),
                                AuditSentences.aRiseBeforeIt()))
                        : Optional.empty();
            case UP, REMAIN_UP, BODY_RISE, NO_FOOT_RISE -> Optional.empty();
        };
    }

    private Optional<Finding> beginsAgain(Part part, int row, State state, RiseFall.Phase phase) {
        return switch (state) {
            case BEGUN -> Optional.of(outOfOrder(part, row, phase, AuditSentences.itBeganInTheStepBefore(), "cont"));
            case RISING, UP, STAYS_UP ->
                Optional.of(missingLowering(
                        part, Math.max(0, row - 1), AuditSentences.beforeItBeginsAgainOnStep((row + 1))));
            case DOWN, BODY_ONLY -> Optional.empty();
        };
    }

    private static State after(State state, RiseFall.Kind kind) {
        return switch (kind) {
            case COMMENCE -> State.BEGUN;
            case CONTINUE -> State.RISING;
            case UP -> State.UP;
            case REMAIN_UP -> State.STAYS_UP;
            case LOWER -> State.DOWN;
            case BODY_RISE -> state == State.DOWN ? State.BODY_ONLY : state;
            case NO_FOOT_RISE -> state;
        };
    }

    private Finding outOfOrder(Part part, int row, RiseFall.Phase phase, String why, String wanted) {
        return error(
                Place.cell(part, row, Column.RISE),
                phase.toString(),
                wanted,
                AuditSentences.stepSaysBut((row + 1), phase, why));
    }

    private Finding missingLowering(Part part, int row, String when) {
        Place place = Place.cell(part, row, Column.RISE);
        return error(
                place,
                AuditSentences.notLowered(),
                "lo e" + (row + 1),
                AuditSentences.theRisesAndIsNotLowered(part.wording(), when));
    }
}
