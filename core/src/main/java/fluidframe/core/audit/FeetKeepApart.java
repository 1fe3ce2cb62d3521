package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Moment;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.geometry.Footprint;
import fluidframe.core.geometry.Stance;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** G2. The middles of two feet of different dancers are never nearer than a foot is wide. */
final class FeetKeepApart extends CheckedRule {

    private static final double FOOT_WIDTH = 0.08;

    FeetKeepApart() {
        super("G2", AuditSentences.thePartnersFeetNeverStandIn(), AuditSentences.twoFeetInOnePlaceIs());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.MEASURED_ELSEWHERE;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        Optional<CoupleStances> stances = subject.stances();
        for (Moment moment : subject.moments()) {
            if (moment.isShared() && found.isEmpty()) {
                stances.flatMap(t -> check(t, moment)).ifPresent(found::add);
            }
        }
        return found;
    }

    Optional<Finding> check(CoupleStances stances, Moment moment) {
        Stance his = stances.man().get(moment.manDone());
        Stance hers = stances.lady().get(moment.ladyDone());
        for (Footprint hisPrint : List.of(his.left(), his.right())) {
            for (Footprint herPrint : List.of(hers.left(), hers.right())) {
                double apart = hisPrint.at().distanceTo(herPrint.at());
                if (apart < FOOT_WIDTH) {
                    String stated = String.format(Locale.ROOT, "%.2f m", apart);
                    return Optional.of(warning(
                            Place.cell(Part.LADY, moment.ladyDone(), Column.FOOT_POSITION),
                            stated,
                            AuditSentences.atLeast008M(),
                            AuditSentences.atTheMansStepAndTheLadysStep(
                                    (moment.manDone() + 1), (moment.ladyDone() + 1), stated)));
                }
            }
        }
        return Optional.empty();
    }
}
