package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.Moment;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.BodyTurn;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;

/**
 * A3. Compared is the lady's body less the man's wherever both place a foot. It only warns where a body is known to be
 * on its way: rows that point or leave the body behind, turns on the foot, and turns under a single hand. Where no row
 * states the position just then, they may face each other already as the next one asks. Of a run of mismatches the
 * first is reported. Where a part's own account does not add up there is nothing to compare with.
 */
final class FacingSuitsPosition extends CheckedRule {

    /** With fewer hands than this held the partner may turn freely. */
    private static final int LEADING_HANDS = 2;

    FacingSuitsPosition() {
        super("A3", AuditSentences.whereBothPlaceAFootThey(), AuditSentences.ifSheFacesAnotherWayThan());
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        if (!adds(subject, Part.MAN) || !adds(subject, Part.LADY)) {
            return found;
        }
        boolean off = false;
        for (Moment moment : subject.moments()) {
            if (moment.isShared()) {
                Position position = moment.standing().position();
                Turn facing = new Turn(body(subject, Part.LADY, moment).sixteenths()
                        - body(subject, Part.MAN, moment).sixteenths());
                boolean suits = position.suits(facing)
                        || moment.relation().position().suits(facing)
                        || !isStated(subject, moment) && next(subject, moment).suits(facing);
                if (!suits && !off) {
                    found.add(finding(subject, moment, position, facing));
                }
                off = !suits;
            }
        }
        return found;
    }

    private static boolean isStated(Subject subject, Moment moment) {
        return states(subject.steps(Part.MAN).get(moment.manDone()))
                || states(subject.steps(Part.LADY).get(moment.ladyDone()));
    }

    private static boolean states(Step step) {
        return step.leadsTo().position().isPresent();
    }

    /** The position that comes after the present one, at last the figure's end. */
    private static Position next(Subject subject, Moment moment) {
        return subject.moments().stream()
                .filter(later -> later.onset().compareTo(moment.onset()) > 0)
                .map(later -> later.relation().position())
                .filter(position -> position != moment.relation().position())
                .findFirst()
                .orElse(subject.figure().end().position());
    }

    private static boolean adds(Subject subject, Part part) {
        return subject.account(part).entries().stream().allMatch(TurnAccount.Entry::agrees);
    }

    private static Heading body(Subject subject, Part part, Moment moment) {
        return subject.account(part)
                .entries()
                .get(part == Part.MAN ? moment.manDone() : moment.ladyDone())
                .body();
    }

    private Finding finding(Subject subject, Moment moment, Position position, Turn facing) {
        Step his = subject.steps(Part.MAN).get(moment.manDone());
        Step hers = subject.steps(Part.LADY).get(moment.ladyDone());
        boolean onTheWay = isOnItsWay(his)
                || isOnItsWay(hers)
                || moment.relation().hold().hands() < LEADING_HANDS
                        && (turns(subject, Part.LADY, moment.ladyDone()) || turns(subject, Part.MAN, moment.manDone()));
        Place place = !hers.relation().isNone()
                ? Place.cell(Part.LADY, moment.ladyDone(), Column.RELATION)
                : !his.relation().isNone()
                        ? Place.cell(Part.MAN, moment.manDone(), Column.RELATION)
                        : Place.cell(Part.LADY, moment.ladyDone(), Column.ALIGNMENT);
        String stated = degrees(facing);
        String wanted = degrees(position.facing()) + " ± " + degrees(new Turn(Position.FACING_TOLERANCE));
        String sentence = AuditSentences.atTheMansStepAndTheLadys(
                (moment.manDone() + 1), (moment.ladyDone() + 1), stated, position.wording(), wanted);
        return onTheWay ? warning(place, stated, wanted, sentence) : error(place, stated, wanted, sentence);
    }

    private static boolean isOnItsWay(Step step) {
        boolean points = step.alignment()
                .filter(alignment -> alignment instanceof Alignment.Pointing || alignment instanceof Alignment.Moving)
                .isPresent();
        return points
                || !(step.turn().body() instanceof BodyTurn.Follows)
                || !step.turn().on().isNone();
    }

    /** Whether the dancer turns into this row or out of it. */
    private static boolean turns(Subject subject, Part part, int row) {
        List<Step> steps = subject.steps(part);
        return !steps.get(row).turn().between().isNone()
                || row + 1 < steps.size()
                        && !steps.get(row + 1).turn().between().isNone();
    }

    private static String degrees(Turn turn) {
        return new Heading(turn.sixteenths()).degrees() + "°";
    }
}
