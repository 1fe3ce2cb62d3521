package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.geometry.Stance;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * G4. How fast a body has to go from one step to the next at the dance's top tempo. A brisk walk is 2 m/s; the longest
 * quick steps of the fastest travelling dance need 2.4 m/s, the lady round the outside of its spin turn somewhat over
 * 3. Beyond that nobody arrives in balance.
 */
final class BodiesTakeTime extends CheckedRule {

    /** Metres a second. */
    static final double FASTEST = 3.5;

    BodiesTakeTime() {
        super("G4", AuditSentences.noBodyHasToFlyFrom(), AuditSentences.aPartnerFlungAcrossOnThe());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.MEASURED_ELSEWHERE;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        subject.stances().ifPresent(stances -> {
            for (Part part : Part.values()) {
                subject.timing(part)
                        .flatMap(timing -> check(subject, part, timing, stances.of(part)))
                        .ifPresent(found::add);
            }
        });
        return found;
    }

    Optional<Finding> check(Subject subject, Part part, Timing timing, List<Stance> stances) {
        int fastest = 0;
        double most = FASTEST;
        for (int row = 1; row < stances.size(); row++) {
            double speed = metres(stances, row)
                    / subject.dance()
                            .fastest()
                            .seconds(
                                    timing.rhythm(), timing.slots().get(row - 1).length());
            if (speed > most) {
                most = speed;
                fastest = row;
            }
        }
        return fastest == 0
                ? Optional.empty()
                : Optional.of(warning(
                        Place.cell(part, fastest, Column.FOOT_POSITION),
                        String.format(Locale.ROOT, "%.1f m/s", most),
                        AuditSentences.atMostMS(FASTEST),
                        AuditSentences.atBarsAMinuteTheHas(
                                subject.dance().fastest().barsPerMinute(),
                                part.wording(),
                                subject.dance()
                                        .fastest()
                                        .seconds(
                                                timing.rhythm(),
                                                timing.slots().get(fastest - 1).length()),
                                metres(stances, fastest),
                                fastest + 1,
                                most,
                                share(timing, stances, fastest))));
    }

    private static double metres(List<Stance> stances, int row) {
        return stances.get(row).body().distanceTo(stances.get(row - 1).body());
    }

    /** The neighbouring step with the most time left for it. */
    private static String share(Timing timing, List<Stance> stances, int row) {
        int before = row - 1;
        int after = row + 1;
        boolean hasAfter = after < stances.size();
        boolean later = before < 1
                || hasAfter
                        && metres(stances, after)
                                        / timing.slots().get(row).length().toDouble()
                                < metres(stances, before)
                                        / timing.slots()
                                                .get(before - 1)
                                                .length()
                                                .toDouble();
        return later && !hasAfter
                ? AuditSentences.itNeedsMoreTime()
                : AuditSentences.stepCouldTakeAShareOf(((later ? after : before) + 1));
    }
}
