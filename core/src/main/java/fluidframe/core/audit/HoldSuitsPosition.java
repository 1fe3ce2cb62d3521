package fluidframe.core.audit;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Hold.Contact;
import fluidframe.core.couple.HoldInPosition;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Moment;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * P4. Which hands can be joined where. In closed hold his right arm is round her: the two are close and face each other
 * or open into a promenade. Right to right crosses in front of two who stand side by side in promenade. In body contact
 * they hold each other. Who turns half round or more within the hold cannot keep both hands. A lead is given with a
 * hand that holds.
 */
final class HoldSuitsPosition extends CheckedRule {

    private static final int HALF_TURN = Turn.WHOLE / 2;
    private static final Pattern NAMED_HAND = Pattern.compile(
            "^(?!.*(?<!\\w)(?:free|release|let|take|retake|change|open|into|her|shoulder|back|hip|waist)).*(?<!\\w)(left|right) hand(?!\\w)",
            Pattern.CASE_INSENSITIVE);

    HoldSuitsPosition() {
        super("P4", AuditSentences.theHandsCanBeJoinedSo(), AuditSentences.aHoldTheArmsCannotReach());
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        Figure figure = subject.figure();
        HoldInPosition.impossible(figure.start())
                .ifPresent(why -> found.add(error(
                        Place.field("start/hold"),
                        figure.start().hold().shorthand(),
                        AuditSentences.anotherHold(),
                        AuditSentences.atTheStart(why))));
        Relation before = figure.start();
        for (Moment moment : subject.moments()) {
            Relation now = moment.relation();
            if (!now.equals(before)) {
                Part part = moment.manRow().isPresent() ? Part.MAN : Part.LADY;
                int row = moment.row(part).orElseThrow();
                HoldInPosition.impossible(now)
                        .ifPresent(why -> found.add(error(
                                Place.cell(part, row, Column.RELATION),
                                now.hold().shorthand(),
                                AuditSentences.anotherHold(),
                                AuditSentences.fromTheSStepOn(part.wording(), (row + 1), why))));
            }
            before = now;
        }
        wound(subject).ifPresent(found::add);
        leads(subject).ifPresent(found::add);
        return found;
    }

    /** A lead that names a hand of his which holds nothing just then. */
    private Optional<Finding> leads(Subject subject) {
        for (Moment moment : subject.moments()) {
            if (moment.manRow().isEmpty()) {
                continue;
            }
            int row = moment.manRow().getAsInt();
            Matcher named = NAMED_HAND.matcher(subject.steps(Part.MAN).get(row).lead());
            Hold hold = moment.relation().hold();
            boolean free = named.find()
                    && (named.group(1).equalsIgnoreCase("left")
                            ? !hold.has(Contact.LEFT_TO_RIGHT) && !hold.has(Contact.LEFT_TO_LEFT)
                            : !hold.has(Contact.RIGHT_TO_LEFT)
                                    && !hold.has(Contact.RIGHT_TO_RIGHT)
                                    && !hold.has(Contact.RIGHT_ON_BACK));
            if (free) {
                return Optional.of(warning(
                        Place.cell(Part.MAN, row, Column.LEAD),
                        named.group(1).toLowerCase(Locale.ROOT) + " hand",
                        hold.wording(),
                        AuditSentences.stepIsLedWithHisHand(
                                (row + 1), named.group(1).toLowerCase(Locale.ROOT), hold.wording())));
            }
        }
        return Optional.empty();
    }

    /**
     * One of the two turning by more than half against the other while both hands are held; said of whoever turns more.
     */
    private Optional<Finding> wound(Subject subject) {
        for (Part part : Part.values()) {
            List<Step> steps = subject.steps(part);
            for (Moment moment : subject.moments()) {
                if (moment.row(part).isEmpty() || !moment.isShared()) {
                    continue;
                }
                int row = moment.row(part).getAsInt();
                int partners = moment.row(part.partner()).orElseThrow();
                int own = turn(steps.get(row));
                int others = turn(subject.steps(part.partner()).get(partners));
                int turned = own - others;
                boolean both = moment.relation().hold().hands() == 2
                        && moment.relation().hold() != Hold.CLOSED;
                if (both && Math.abs(turned) > HALF_TURN && Math.abs(own) >= Math.abs(others)) {
                    return Optional.of(warning(
                            Place.cell(part, row, Column.RELATION),
                            moment.relation().hold().shorthand(),
                            AuditSentences.oneHandOrNone(),
                            AuditSentences.theSStepTurnsWithinRelease(
                                    part.wording(),
                                    (row + 1),
                                    new Turn(turned).spokenSize(),
                                    moment.relation().hold().wording(),
                                    Math.min(row + 2, steps.size()))));
                }
            }
        }
        return Optional.empty();
    }

    private static int turn(Step step) {
        return step.turn().between().sixteenths() + step.turn().on().sixteenths();
    }
}
