package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.Moment;
import fluidframe.core.figure.Moments;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Action;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * P3. Where both place a foot at once, what one row says of the two of them the other must not deny: the side on which
 * one is outside, a lock in front against a lock behind, the side that leads, a check that both make. Facing each other
 * left is the other's right.
 */
final class RowsOfBothAgree extends CheckedRule {

    RowsOfBothAgree() {
        super("P3", AuditSentences.atTheSameMomentBothParts(), AuditSentences.chartsThatContradictEachOtherAre());
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Moment moment : subject.moments()) {
            if (moment.isShared() && moment.relation().position().isFacing()) {
                Step his = subject.steps(Part.MAN).get(moment.manDone());
                Step hers = subject.steps(Part.LADY).get(moment.ladyDone());
                passing(moment, his, hers)
                        .or(() -> locks(moment, his, hers))
                        .or(() -> leads(moment, his, hers))
                        .or(() -> checks(moment, his, hers))
                        .ifPresent(found::add);
            }
        }
        return found;
    }

    private Optional<Finding> passing(Moment moment, Step his, Step hers) {
        Optional<Position> one = Moments.passing(his);
        Optional<Position> other = Moments.passing(hers);
        if (one.isPresent() && other.isPresent() && one.get() != other.get()) {
            return contradiction(moment, hers, one.get().wording(), other.get().wording());
        }
        boolean bothStep = goesOutside(his) && goesOutside(hers);
        return bothStep
                ? contradiction(
                        moment, hers, AuditSentences.thatHeStepsOutsideHer(), AuditSentences.thatSheStepsOutsideHim())
                : Optional.empty();
    }

    private static boolean goesOutside(Step step) {
        return (step.has(PositionModifier.OUTSIDE_PARTNER) || step.has(PositionModifier.OUTSIDE_PARTNER_LEFT))
                && step.goes(StepDirection.FORWARD);
    }

    private Optional<Finding> locks(Moment moment, Step his, Step hers) {
        boolean both = his.does(Action.LOCK)
                && hers.does(Action.LOCK)
                && his.footPosition().isPresent()
                && hers.footPosition().isPresent();
        boolean same = both
                && his.footPosition().get().direction()
                        == hers.footPosition().get().direction();
        return same
                ? contradiction(
                        moment,
                        hers,
                        AuditSentences.aLockTheFoot(
                                his.footPosition().get().direction().wording()),
                        AuditSentences.theSameFacingHimSheLocks())
                : Optional.empty();
    }

    private Optional<Finding> leads(Moment moment, Step his, Step hers) {
        boolean same = his.has(PositionModifier.LEFT_SIDE_LEADING) && hers.has(PositionModifier.LEFT_SIDE_LEADING)
                || his.has(PositionModifier.RIGHT_SIDE_LEADING) && hers.has(PositionModifier.RIGHT_SIDE_LEADING);
        return same
                ? contradiction(moment, hers, AuditSentences.whichSideLeads(), AuditSentences.theSameSideFacingHimHer())
                : Optional.empty();
    }

    private Optional<Finding> checks(Moment moment, Step his, Step hers) {
        if (his.does(Action.CHECK) == hers.does(Action.CHECK)
                || his.does(Action.ROCK)
                || hers.does(Action.ROCK)
                || !his.takesWeight()
                || !hers.takesWeight()) {
            return Optional.empty();
        }
        Part checking = his.does(Action.CHECK) ? Part.MAN : Part.LADY;
        int row = moment.row(checking.partner()).orElseThrow();
        Step other = checking == Part.MAN ? hers : his;
        boolean walks = other.goes(StepDirection.FORWARD) || other.goes(StepDirection.BACK);
        return walks && moment.relation().hold().hands() == 2
                ? Optional.of(warning(
                        Place.cell(checking.partner(), row, Column.ACTION),
                        AuditSentences.noCheck(),
                        "check",
                        AuditSentences.atTheSameMomentTheChecks(
                                checking.wording(), checking.partner().wording(), (row + 1))))
                : Optional.empty();
    }

    private Optional<Finding> contradiction(Moment moment, Step hers, String his, String said) {
        return Optional.of(error(
                Place.cell(Part.LADY, moment.ladyDone(), Column.FOOT_POSITION),
                hers.footPosition().map(Object::toString).orElse(""),
                his,
                AuditSentences.atTheSameMomentTheMansStep((moment.manDone() + 1), his, (moment.ladyDone() + 1), said)));
    }
}
