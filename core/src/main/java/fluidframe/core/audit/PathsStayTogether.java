package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.geometry.FittedStride;
import fluidframe.core.geometry.Meeting;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * G3. What the fit of both parts had to give way on: a place missed, a step far too long or short, a direction far off.
 * The small jog of two closing steps, up to 20 cm, is nothing; under one hand or none the partners have twice the room.
 */
final class PathsStayTogether extends CheckedRule {

    private static final double MISSED_METRES = 0.2;
    /** A small step may double or vanish without anyone noticing. */
    private static final double NOTABLE_METRES = 0.3;

    private static final double LOOSE = 2;
    private static final double SHORTEST = 0.4;
    private static final double LONGEST = 1.8;
    private static final double WIDEST = Math.toRadians(40);
    /** A foot that lands a whole foot's length beside its place has not closed. */
    private static final double FARTHEST_SHIFT = 0.25;

    PathsStayTogether() {
        super("G3", AuditSentences.theLadysPathStaysWithThe(), AuditSentences.chartsThatLeadTheTwoAlong());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.MEASURED_ELSEWHERE;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        subject.stances().flatMap(this::worst).ifPresent(found::add);
        return found;
    }

    Optional<Finding> worst(CoupleStances stances) {
        Optional<Meeting> missed = stances.meetings().stream()
                .max(Comparator.comparingDouble(PathsStayTogether::miss))
                .filter(meeting -> miss(meeting) > 1);
        if (missed.isPresent()) {
            Meeting meeting = missed.get();
            String stated = String.format(Locale.ROOT, "%.2f m off", meeting.missed());
            return Optional.of(warning(
                    Place.cell(Part.LADY, meeting.ladyRow(), Column.FOOT_POSITION),
                    stated,
                    meeting.wanted().position().shorthand(),
                    AuditSentences.howeverTheStepsAreSizedAt(
                            meeting.ladyRow() + 1,
                            meeting.missed(),
                            meeting.wanted().position().wording())));
        }
        double room = stances.meetings().stream().anyMatch(meeting -> isLoose(meeting.wanted())) ? LOOSE : 1;
        return stances.strides().stream()
                .max(Comparator.comparingDouble(PathsStayTogether::strain))
                .filter(stride -> strain(stride) > room)
                .map(this::strained);
    }

    private Finding strained(FittedStride stride) {
        if (stride.reach() == 0) {
            return warning(
                    Place.cell(stride.part(), stride.row(), Column.FOOT_POSITION),
                    String.format(Locale.ROOT, "%.2f m beside", stride.shift()),
                    AuditSentences.atMost025MBeside(),
                    AuditSentences.toStayTogetherTheSStepWould(
                            stride.part().wording(), stride.row() + 1, stride.shift()));
        }
        return warning(
                Place.cell(stride.part(), stride.row(), Column.FOOT_POSITION),
                AuditSentences.theLengthOff(stride.factor(), Math.toDegrees(Math.abs(stride.deviation()))),
                AuditSentences.theLengthWithin40(),
                AuditSentences.toStayTogetherTheSStep(
                        stride.part().wording(),
                        stride.row() + 1,
                        stride.factor(),
                        Math.toDegrees(Math.abs(stride.deviation()))));
    }

    private static double miss(Meeting meeting) {
        return meeting.missed() / (MISSED_METRES * (isLoose(meeting.wanted()) ? LOOSE : 1));
    }

    private static boolean isLoose(Relation relation) {
        return relation.hold().hands() < 2;
    }

    /** More than one where a limit is passed. */
    private static double strain(FittedStride stride) {
        double length =
                stride.factor() < 1 ? (1 - stride.factor()) / (1 - SHORTEST) : (stride.factor() - 1) / (LONGEST - 1);
        double metres = Math.abs(stride.factor() - 1) * stride.reach() / NOTABLE_METRES;
        return Math.max(
                Math.max(Math.min(length, metres), stride.shift() / FARTHEST_SHIFT),
                Math.abs(stride.deviation()) / WIDEST);
    }
}
