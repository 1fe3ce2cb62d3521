package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Foot;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepDirection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * C1. In the swing dances and tango. The first step of a turning figure, taken forward or back, begins the turn with
 * CBM, and so does the step after the feet have closed, which begins its second half; a step outside partner, and the
 * through step of a promenade (his right foot, her left), is taken in CBMP.
 */
final class ContraryMovement extends CheckedRule {

    private static final int NOTABLE_TURN = 2;

    ContraryMovement() {
        super("C1", AuditSentences.cbmBeginsATurnOutsidePartner(), AuditSentences.withoutItTheShouldersAreLeft());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.PARTS;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        if (!subject.dance().technique().contraryMovement()) {
            return found;
        }
        for (Part part : Part.values()) {
            List<Step> steps = subject.steps(part);
            for (int row = 0; row < steps.size(); row++) {
                position(part, row, steps.get(row)).ifPresent(found::add);
            }
            if (turnsAtOnce(subject.steps(part.partner()))) {
                first(part, steps).ifPresent(found::add);
            }
            halves(subject, part, steps).forEach(found::add);
        }
        return found;
    }

    private Optional<Finding> first(Part part, List<Step> steps) {
        if (!turnsAtOnce(steps)) {
            return Optional.empty();
        }
        Step first = steps.get(0);
        boolean walks = first.goes(StepDirection.FORWARD) || first.goes(StepDirection.BACK);
        if (!walks || first.cbm() || first.has(PositionModifier.CBMP) || isOpen(first)) {
            return Optional.empty();
        }
        Place place = Place.cell(part, 0, Column.CBM);
        return Optional.of(warning(
                place,
                "nothing",
                "CBM",
                AuditSentences.theSFirstStepLeadsInto(
                        part.wording(), steps.get(1).turn().between().spoken()),
                new Fix(AuditSentences.addCbm(), place, "CBM")));
    }

    /** After the feet of both have closed a walk into a turn of both begins it anew. */
    private List<Finding> halves(Subject subject, Part part, List<Step> steps) {
        List<Finding> found = new ArrayList<>();
        List<Step> partners = subject.steps(part.partner());
        for (int row = 2; row + 1 < Math.min(steps.size(), partners.size()); row++) {
            Step step = steps.get(row);
            boolean closed = steps.get(row - 1).goes(StepDirection.CLOSE)
                    && steps.get(row - 1).takesWeight();
            boolean walks = step.goes(StepDirection.FORWARD) || step.goes(StepDirection.BACK);
            boolean bothTurn = turnsAfter(steps, row) && turnsAfter(partners, row);
            if (closed
                    && walks
                    && bothTurn
                    && !step.cbm()
                    && !step.has(PositionModifier.CBMP)
                    && !isOpen(step)
                    && !step.has(PositionModifier.SMALL)) {
                Place place = Place.cell(part, row, Column.CBM);
                found.add(warning(
                        place,
                        "nothing",
                        "CBM",
                        AuditSentences.theSStepLeadsIntoIt(
                                part.wording(),
                                (row + 1),
                                steps.get(row + 1).turn().between().spoken()),
                        new Fix(AuditSentences.addCbm(), place, "CBM")));
            }
        }
        return found;
    }

    private static boolean turnsAfter(List<Step> steps, int row) {
        return steps.get(row + 1).turn().between().size() >= NOTABLE_TURN;
    }

    /** Turning the partner alone, as to promenade, is no turning figure. */
    private static boolean turnsAtOnce(List<Step> steps) {
        return steps.size() > 1 && steps.get(1).turn().between().size() >= NOTABLE_TURN;
    }

    private static boolean isOpen(Step step) {
        return step.has(PositionModifier.IN_PROMENADE)
                || step.has(PositionModifier.IN_COUNTER_PROMENADE)
                || step.has(PositionModifier.IN_FALLAWAY);
    }

    private Optional<Finding> position(Part part, int row, Step step) {
        boolean outside = step.has(PositionModifier.OUTSIDE_PARTNER)
                || step.has(PositionModifier.OUTSIDE_PARTNER_LEFT)
                || step.has(PositionModifier.PARTNER_OUTSIDE)
                || step.has(PositionModifier.PARTNER_OUTSIDE_LEFT);
        Foot inner = part == Part.MAN ? Foot.RIGHT : Foot.LEFT;
        boolean through = step.has(PositionModifier.IN_PROMENADE) && step.foot().equals(Optional.of(inner));
        boolean walks = step.goes(StepDirection.FORWARD) || step.goes(StepDirection.BACK);
        if (!(outside || through) || !walks || step.has(PositionModifier.CBMP) || step.has(PositionModifier.ACROSS)) {
            return Optional.empty();
        }
        Place place = Place.cell(part, row, Column.FOOT_POSITION);
        String better =
                step.footPosition().orElseThrow().with(PositionModifier.CBMP).toString();
        return Optional.of(warning(
                place,
                step.footPosition().orElseThrow().toString(),
                better,
                AuditSentences.stepIsTakenOutsidePartnerThrough((row + 1), outside),
                new Fix(AuditSentences.addCbmp(), place, better)));
    }
}
