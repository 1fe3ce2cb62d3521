package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import java.util.List;
import java.util.Set;

/**
 * A2. The lady's net turn less the man's must be the change in relative facing from the start position to the end
 * position, within the tolerance a position allows. Where a part's turns do not even lead to its own alignments there
 * is nothing yet to go by.
 */
final class PartsTurnTogether extends CheckedRule {

    PartsTurnTogether() {
        super("A2", AuditSentences.bothPartsTurnsLeadFromThe(), AuditSentences.ifOneTurnsMoreThanThe());
    }

    @Override
    public Set<WayKind> silentOn() {
        return WayKind.WITH_FINISH;
    }

    @Override
    public List<Finding> check(Subject subject) {
        Figure figure = subject.figure();
        if (anyApart(figure) || !adds(subject, Part.MAN) || !adds(subject, Part.LADY)) {
            return List.of();
        }
        Heading difference = difference(subject);
        if (Math.abs(difference.sixteenths()) <= Position.FACING_TOLERANCE) {
            return List.of();
        }
        Turn his = subject.account(Part.MAN).net();
        Turn hers = subject.account(Part.LADY).net();
        int step = lastTurning(subject.account(Part.LADY));
        return List.of(new Finding(
                id(),
                Severity.ERROR,
                Place.cell(Part.LADY, step, Column.TURN),
                AuditSentences.manLady(his, hers),
                AuditSentences.ladyLessMan(expected(figure).degrees()),
                AuditSentences.theManTurnsInAllAnd(
                        his,
                        hers,
                        figure.start().position().wording(),
                        figure.end().position().wording(),
                        new Turn(expected(figure).sixteenths()),
                        Math.abs(difference.degrees())),
                List.of()));
    }

    /** Whether the stated turns lead from position to position without any tolerance. */
    static boolean exactly(Subject subject) {
        return difference(subject).sixteenths() == 0;
    }

    private static boolean adds(Subject subject, Part part) {
        List<TurnAccount.Entry> entries = subject.account(part).entries();
        return !entries.isEmpty() && entries.stream().allMatch(TurnAccount.Entry::agrees);
    }

    private static boolean anyApart(Figure figure) {
        return figure.start().position() == Position.APART || figure.end().position() == Position.APART;
    }

    private static Heading difference(Subject subject) {
        Turn relative =
                subject.account(Part.LADY).net().minus(subject.account(Part.MAN).net());
        return new Heading(relative.sixteenths() - expected(subject.figure()).sixteenths());
    }

    private static Heading expected(Figure figure) {
        return new Heading(figure.end().position().facing().sixteenths()
                - figure.start().position().facing().sixteenths());
    }

    private static int lastTurning(TurnAccount account) {
        for (int i = account.entries().size() - 1; i > 0; i--) {
            if (!account.entries().get(i).between().isNone()
                    || !account.entries().get(i).on().isNone()) {
                return i;
            }
        }
        return account.entries().size() - 1;
    }
}
