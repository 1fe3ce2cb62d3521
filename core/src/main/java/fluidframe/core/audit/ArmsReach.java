package fluidframe.core.audit;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Moment;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Point;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.Step;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * G5. Wherever the two keep one position for some steps without turning, their steps alone, of the usual length, must
 * keep them within reach of the joined hands, and must not lead one through the other. The fit of both paths would
 * shorten the steps until they meet; a chart that only holds together so is wrong.
 *
 * <p>Reach between the bodies' centres, metres: with one hand two arms and half the shoulders, with two hands the arms
 * alone, with crossed hands less.
 */
final class ArmsReach extends CheckedRule {

    private static final double ONE_HAND = 1.6;
    private static final double TWO_HANDS = 1.4;
    private static final double CROSSED_HANDS = 1.2;
    /** Out of the other's sight on a floor with others, metres. */
    private static final double APART = 6;
    /** Once by a hand's breadth may be made up for by a shorter step; half a metre may not. */
    private static final double AT_ONCE = 0.5;
    /** Bodies are about this deep, metres. */
    private static final double COLLISION = 0.2;

    ArmsReach() {
        super("G5", AuditSentences.joinedHandsReachAndNobodyWalks(), AuditSentences.stepsThatLeadOutOfThe());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.MEASURED_ELSEWHERE;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Moment> moments = subject.moments();
        if (moments.isEmpty()) {
            return List.of();
        }
        Optional<CoupleStances> nominal = subject.unfitted();
        return nominal.flatMap(stances -> broken(subject, stances)).stream().toList();
    }

    private Optional<Finding> broken(Subject subject, CoupleStances stances) {
        Relation held = subject.figure().start();
        Point his = stances.start().man().body();
        Point hers = stances.start().lady().body();
        Point between = held.ladyFromMan().rotated(stances.start().man().angle());
        Optional<Finding> before = Optional.empty();
        for (Moment moment : subject.moments()) {
            boolean turns =
                    moment.manRow().isPresent() && turns(subject.steps(Part.MAN).get(moment.manDone()))
                            || moment.ladyRow().isPresent()
                                    && turns(subject.steps(Part.LADY).get(moment.ladyDone()));
            Point hisNow = moment.manDone() < 0
                    ? stances.start().man().body()
                    : stances.man().get(moment.manDone()).body();
            Point hersNow = moment.ladyDone() < 0
                    ? stances.start().lady().body()
                    : stances.lady().get(moment.ladyDone()).body();
            Relation now = moment.relation();
            boolean elsewhere = now.position() != held.position() && now.position() != Position.APART;
            if (turns || elsewhere) {
                double angle = moment.manDone() < 0
                        ? stances.start().man().angle()
                        : stances.man().get(moment.manDone()).angle();
                between = now.ladyFromMan().rotated(angle);
                his = hisNow;
                hers = hersNow;
                before = Optional.empty();
            } else if (moment.isShared() && concerns(now)) {
                Point apart = between.plus(hersNow.minus(hers)).minus(hisNow.minus(his));
                double by = beyond(now, apart, between);
                Optional<Finding> finding =
                        by > 0 ? Optional.of(finding(moment, now, apart, between)) : Optional.empty();
                if (by > AT_ONCE || by > 0 && before.isPresent()) {
                    return before.or(() -> finding);
                }
                before = finding;
            }
            held = now;
        }
        return Optional.empty();
    }

    /** Nearer than arm's length the fit itself tells. */
    private static boolean concerns(Relation relation) {
        return relation.hold() != Hold.CLOSED && !relation.position().isClosedHold();
    }

    /** Metres beyond reach, or into the other; not positive if all is well. */
    private static double beyond(Relation now, Point apart, Point between) {
        double far = apart.length() - reach(now.hold());
        return faces(now) ? Math.max(far, COLLISION - along(apart, between)) : far;
    }

    private static boolean faces(Relation relation) {
        return relation.position().isFacing() || relation.position() == Position.APART;
    }

    /** How far she still is before him, in the direction in which she stood. */
    private static double along(Point apart, Point between) {
        return (apart.x() * between.x() + apart.y() * between.y()) / between.length();
    }

    private Finding finding(Moment moment, Relation now, Point apart, Point between) {
        Place place = Place.cell(Part.LADY, moment.ladyDone(), Column.FOOT_POSITION);
        String at = AuditSentences.byTheMansStepAndThe((moment.manDone() + 1), (moment.ladyDone() + 1));
        double reach = reach(now.hold());
        String stated = String.format(Locale.ROOT, "%.1f m", apart.length());
        if (apart.length() > reach) {
            return warning(
                    place,
                    stated,
                    AuditSentences.atMostM(reach),
                    AuditSentences.theirStepsHaveLedThemApart(
                            at, stated, now.hold().hands() == 0, now.hold().wording(), reach));
        }
        return warning(
                place,
                String.format(Locale.ROOT, "%.1f m", along(apart, between)),
                AuditSentences.roomForTwoBodies(),
                AuditSentences.theirStepsHaveLedOneInto(at));
    }

    private static double reach(Hold hold) {
        return hold == Hold.CROSSED
                ? CROSSED_HANDS
                : hold.hands() == 2 ? TWO_HANDS : hold.hands() == 1 ? ONE_HAND : APART;
    }

    private static boolean turns(Step step) {
        return !step.turn().between().isNone() || !step.turn().on().isNone() || step.does(ActionTrait.LETS_GO);
    }
}
