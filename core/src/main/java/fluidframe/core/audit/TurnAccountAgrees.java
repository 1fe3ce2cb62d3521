package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * A1. Where turn and alignment disagree one of the two is wrong. If the account would agree again at the next stated
 * alignment, the turns are right and this alignment is the odd one out; at the last statement of a chart the partner's
 * turns decide. Otherwise the turn is blamed. Both repairs are offered, the likelier first.
 */
final class TurnAccountAgrees extends CheckedRule {

    TurnAccountAgrees() {
        super("A1", AuditSentences.theTurnAddsUpToEvery(), AuditSentences.aChartWhoseTurnsDoNot());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.WITH_FINISH;
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            List<TurnAccount.Entry> entries = subject.account(part).entries();
            for (int i = 0; i < entries.size(); i++) {
                if (!entries.get(i).agrees()) {
                    boolean alignmentIsWrong = alignmentIsWrong(subject, part, entries, i);
                    found.add(finding(subject, part, i, entries.get(i), alignmentIsWrong));
                    if (alignmentIsWrong) {
                        i = nextStated(entries, i);
                    }
                }
            }
        }
        return found;
    }

    private static int nextStated(List<TurnAccount.Entry> entries, int from) {
        int next = from + 1;
        while (next < entries.size() && entries.get(next).stated().isEmpty()) {
            next++;
        }
        return next;
    }

    private static boolean alignmentIsWrong(Subject subject, Part part, List<TurnAccount.Entry> entries, int index) {
        int next = nextStated(entries, index);
        if (next >= entries.size()) {
            return PartsTurnTogether.exactly(subject);
        }
        Turn slip = entries.get(index).placed().turnTo(entries.get(index).reckoned());
        return entries.get(next).reckoned().plus(slip).equals(entries.get(next).placed());
    }

    private Finding finding(Subject subject, Part part, int index, TurnAccount.Entry entry, boolean alignmentIsWrong) {
        Step step = subject.figure().chart(part).steps().get(index);
        Alignment stated = entry.stated().orElseThrow();
        Turn needed = wanted(entry);
        Fix turn = new Fix(
                AuditSentences.makeTheTurnNone(needed.isNone(), needed),
                Place.cell(part, index, Column.TURN),
                step.turn().withBetween(needed).toString());
        Alignment right = stated.withFoot(entry.reckoned());
        Fix alignment = new Fix(
                AuditSentences.makeStep((index + 1), right),
                Place.cell(part, index, Column.ALIGNMENT),
                right.toString());
        Place place = Place.cell(part, index, alignmentIsWrong ? Column.ALIGNMENT : Column.TURN);
        String turned = entry.between().isNone()
                ? AuditSentences.noTurn()
                : entry.between().toString();
        return new Finding(
                id(),
                Severity.ERROR,
                place,
                stated.toString(),
                right.toString(),
                sentence(part, index, entry, stated, turned),
                alignmentIsWrong ? List.of(alignment, turn) : List.of(turn, alignment));
    }

    private static String sentence(Part part, int index, TurnAccount.Entry entry, Alignment stated, String turned) {
        return AuditSentences.theSFootLooksToAnd(
                part.wording(),
                named(entry.before()),
                turned,
                named(entry.reckoned()),
                (index + 1),
                stated.wording(),
                named(entry.placed()),
                difference(entry));
    }

    private static String difference(TurnAccount.Entry entry) {
        return entry.reckoned().turnTo(entry.placed()).sizeText();
    }

    private static String named(Heading heading) {
        return heading + " (" + heading.degrees() + "°)";
    }

    /**
     * The turn that leads to the stated alignment, kept to the side the chart already turns to where both ways are
     * possible.
     */
    private static Turn wanted(TurnAccount.Entry entry) {
        Turn shortest = entry.before().turnTo(entry.placed());
        int statedSign = Integer.signum(entry.between().sixteenths());
        int sign = Integer.signum(shortest.sixteenths());
        boolean otherWayIsShort = shortest.size() >= Turn.WHOLE / 2;
        return statedSign != 0 && sign != 0 && sign != statedSign && otherWayIsShort
                ? new Turn(shortest.sixteenths() - sign * Turn.WHOLE)
                : shortest;
    }
}
