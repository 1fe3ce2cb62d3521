package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Moment;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Side;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import fluidframe.core.step.Sway;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * S1. On a turning side step the inside of the turn and the side away from the travel are the same when a part moves on
 * the outside; where the two disagree, or nothing turns, nothing is said. Facing partners sway to the same side of the
 * room, so his left is her right.
 */
final class SwaySuitsTravel extends CheckedRule {

    SwaySuitsTravel() {
        super("S1", AuditSentences.swayGoesAwayFromTheTravel(), AuditSentences.swayIntoTheDirectionOfTravel());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.PARTS;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Moment moment : subject.moments()) {
            if (moment.isShared()) {
                Optional<Finding> own =
                        own(subject, Part.MAN, moment.manDone()).or(() -> own(subject, Part.LADY, moment.ladyDone()));
                own.or(() -> unmirrored(subject, moment)).ifPresent(found::add);
            }
        }
        return found;
    }

    private Optional<Finding> own(Subject subject, Part part, int row) {
        Step step = subject.steps(part).get(row);
        Optional<Sway> wanted = wanted(step);
        if (wanted.isEmpty()
                || step.sway().isEmpty()
                || step.sway().get() == Sway.NONE
                || step.sway().equals(wanted)) {
            return Optional.empty();
        }
        Place place = Place.cell(part, row, Column.SWAY);
        return Optional.of(warning(
                place,
                step.sway().get().shorthand(),
                wanted.get().shorthand(),
                AuditSentences.stepTravelsToTheLeftRight(
                        (row + 1),
                        wanted.get() == Sway.RIGHT,
                        wanted.get().words().synonyms().get(0),
                        step.sway().get()),
                new Fix("sway " + wanted.get(), place, wanted.get().shorthand())));
    }

    private static Optional<Sway> wanted(Step step) {
        Optional<Side> turn = step.turn().between().side();
        if (!step.goes(StepDirection.SIDE)
                || turn.isEmpty()
                || step.foot().isEmpty()
                || step.foot().get() == Foot.BOTH) {
            return Optional.empty();
        }
        Side travel = step.foot().get() == Foot.LEFT ? Side.LEFT : Side.RIGHT;
        return turn.get() == travel ? Optional.empty() : Optional.of(turn.get() == Side.LEFT ? Sway.LEFT : Sway.RIGHT);
    }

    private Optional<Finding> unmirrored(Subject subject, Moment moment) {
        Step his = subject.steps(Part.MAN).get(moment.manDone());
        Step hers = subject.steps(Part.LADY).get(moment.ladyDone());
        if (moment.relation().position().facing().isNone()
                || his.sway().isEmpty()
                || hers.sway().isEmpty()
                || hers.sway().get() == his.sway().get().mirrored()) {
            return Optional.empty();
        }
        Place place = Place.cell(Part.LADY, moment.ladyDone(), Column.SWAY);
        String wanted = his.sway().get().mirrored().shorthand();
        return Optional.of(warning(
                place,
                hers.sway().get().shorthand(),
                wanted,
                AuditSentences.theMansStepSwaysFacingHim(
                        (moment.manDone() + 1),
                        his.sway().get().wording(),
                        his.sway().get().mirrored().wording(),
                        hers.sway().get().wording()),
                new Fix("sway " + wanted, place, wanted)));
    }
}
