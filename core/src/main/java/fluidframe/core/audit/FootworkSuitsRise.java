package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import fluidframe.core.step.SupportNote;
import fluidframe.core.time.CountToken;
import java.util.List;
import java.util.Optional;

/**
 * F3. Only what the row itself says about its own rise is held against its footwork: placed up, it is on the toe or
 * ball; lowering, it ends on the heel, flat or whole foot; still up, it does not end on the heel. A phase that names
 * another step belongs to that one. A heel turn or pull starts on the heel while the body rises. A foot drawn in
 * without weight lowers nothing: where its row lowers, the heel of the standing foot does, and the footwork says so
 * ({@code sh}).
 */
final class FootworkSuitsRise extends StepRule {

    FootworkSuitsRise() {
        super("F3", AuditSentences.footworkAgreesWithRiseAndFall(), AuditSentences.theHeelCannotBeDownWhile());
    }

    @Override
    Optional<Finding> check(Subject subject, Part part, int row, Step step) {
        Footwork footwork = step.footwork();
        List<RiseFall.Kind> kinds = step.rise().phases().stream()
                .filter(phase -> phase.step().isEmpty() || names(phase.step().get(), row, step))
                .map(RiseFall.Phase::kind)
                .toList();
        if (footwork.isNone() || kinds.isEmpty()) {
            return Optional.empty();
        }
        Footwork.Surface last = footwork.last().orElseThrow();
        boolean endsDown =
                last == Footwork.Surface.HEEL || last == Footwork.Surface.FLAT || last == Footwork.Surface.WHOLE;
        if (!step.takesWeight()) {
            boolean told = endsDown || footwork.notes().contains(SupportNote.STANDING_HEEL_LOWERS);
            return kinds.contains(RiseFall.Kind.LOWER) && !told
                    ? Optional.of(standingHeel(part, row, step))
                    : Optional.empty();
        }
        boolean placedUp = isUp(kinds.get(0));
        boolean lowers = kinds.contains(RiseFall.Kind.LOWER);
        boolean staysUp = isUp(kinds.get(kinds.size() - 1)) && !step.rise().has(RiseFall.Kind.LOWER);
        if (placedUp
                && !step.does(ActionTrait.ON_THE_HEEL)
                && footwork.first().orElseThrow() == Footwork.Surface.HEEL) {
            return Optional.of(finding(
                    part,
                    row,
                    step,
                    AuditSentences.toeOrBallFirst(),
                    AuditSentences.isPlacedUp(),
                    AuditSentences.startsWithTheHeel()));
        }
        if (lowers && !endsDown) {
            return Optional.of(
                    finding(part, row, step, AuditSentences.heelAtTheEnd(), "lowers", AuditSentences.staysOnTheToe()));
        }
        return staysUp && endsDown
                ? Optional.of(
                        finding(part, row, step, AuditSentences.noLowering(), AuditSentences.isStillUp(), "lowers"))
                : Optional.empty();
    }

    /** Steps are named by their number or by the beat they are counted on. */
    static boolean names(int number, int row, Step step) {
        return number == row + 1
                || step.count()
                        .map(CountToken::toString)
                        .filter(String.valueOf(number)::equals)
                        .isPresent();
    }

    private static boolean isUp(RiseFall.Kind kind) {
        return kind == RiseFall.Kind.UP || kind == RiseFall.Kind.REMAIN_UP;
    }

    private Finding standingHeel(Part part, int row, Step step) {
        Place place = Place.cell(part, row, Column.FOOTWORK);
        String wanted = step.footwork() + " sh";
        return warning(
                place,
                step.footwork().toString(),
                wanted,
                AuditSentences.stepLowersWhileItsFootCarries((row + 1)),
                new Fix(AuditSentences.addSh(), place, wanted));
    }

    private Finding finding(Part part, int row, Step step, String wanted, String rise, String footwork) {
        return error(
                Place.cell(part, row, Column.FOOTWORK),
                step.footwork().toString(),
                wanted,
                AuditSentences.byItsRiseAndFallStep(step.rise(), (row + 1), rise, step.footwork(), footwork));
    }
}
