package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.geometry.Meeting;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** G1. The distance of the body centres against the band of the position, wherever both place a foot. */
final class BodiesKeepDistance extends CheckedRule {

    private static final double FAR_OVER = 1.5;
    /** A centimetre is nothing on a floor. */
    private static final double TOLERANCE = 0.01;

    BodiesKeepDistance() {
        super("G1", AuditSentences.theBodiesStayAsNearAs(), AuditSentences.fartherApartThanTheArmsReach());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.MEASURED_ELSEWHERE;
    }

    @Override
    public List<Finding> check(Subject subject) {
        return subject.stances().map(this::check).orElse(List.of());
    }

    List<Finding> check(CoupleStances stances) {
        List<Finding> found = new ArrayList<>();
        for (Meeting meeting : stances.meetings()) {
            Relation wanted = meeting.wanted();
            double apart = stances.man()
                    .get(meeting.manRow())
                    .body()
                    .distanceTo(stances.lady().get(meeting.ladyRow()).body());
            if (apart > wanted.farthest() + TOLERANCE
                    || apart < wanted.position().nearest() - TOLERANCE) {
                Place place = Place.cell(Part.LADY, meeting.ladyRow(), Column.FOOT_POSITION);
                String stated = String.format(Locale.ROOT, "%.2f m", apart);
                String band = String.format(
                        Locale.ROOT, "%.2f–%.2f m", wanted.position().nearest(), wanted.farthest());
                String sentence = AuditSentences.atTheMansStepAndThe(
                        meeting.manRow() + 1,
                        meeting.ladyRow() + 1,
                        stated,
                        wanted.position().wording(),
                        band);
                found.add(
                        apart > wanted.farthest() * FAR_OVER
                                ? error(place, stated, band, sentence)
                                : warning(place, stated, band, sentence));
            }
        }
        return found;
    }
}
