package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** T4. */
final class PartsLastEquallyLong extends CheckedRule {

    PartsLastEquallyLong() {
        super("T4", AuditSentences.bothPartsStartTogetherAndLast(), AuditSentences.partnersMayTakeADifferentNumber());
    }

    @Override
    public List<Finding> check(Subject subject) {
        Optional<Timing> man = subject.timing(Part.MAN);
        Optional<Timing> lady = subject.timing(Part.LADY);
        List<Finding> found = new ArrayList<>();
        if (man.isEmpty() || lady.isEmpty()) {
            return found;
        }
        Timing his = man.get();
        Timing hers = lady.get();
        if (!his.length().equals(hers.length())) {
            found.add(finding(
                    hers.slots().size() - 1,
                    his.length().wording(),
                    hers.length().wording(),
                    AuditSentences.theMansPartLastsTheLadys(his.length().wording(), hers.length())));
        }
        if (!his.inWords() && !hers.inWords() && !his.start().equals(hers.start())) {
            int hisBeat = his.rhythm().beatOfBar(his.start());
            int herBeat = hers.rhythm().beatOfBar(hers.start());
            found.add(finding(
                    0, "beat " + hisBeat, "beat " + herBeat, AuditSentences.theManStartsOnBeatThe(hisBeat, herBeat)));
        }
        return found;
    }

    private Finding finding(int step, String his, String hers, String sentence) {
        return new Finding(
                id(), Severity.ERROR, Place.cell(Part.LADY, step, Column.COUNT), hers, his, sentence, List.of());
    }
}
