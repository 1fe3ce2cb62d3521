package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.time.Rhythm;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** T3. Only counts in numbers name the beat they start on; words may start wherever the dance allows. */
final class StartsOnAllowedBeat extends CheckedRule {

    StartsOnAllowedBeat() {
        super("T3", AuditSentences.itStartsOnABeatThe(), AuditSentences.aFigureBegunOnTheWrong());
    }

    @Override
    public List<Finding> check(Subject subject) {
        Rhythm rhythm = subject.figure().rhythm();
        String allowed = rhythm.startBeats().stream().map(String::valueOf).collect(Collectors.joining(" or "));
        List<Finding> found = new ArrayList<>();
        for (Part part : Part.values()) {
            subject.timing(part)
                    .filter(timing -> !rhythm.mayStartAt(timing.start()))
                    .ifPresent(timing -> {
                        int beat = rhythm.beatOfBar(timing.start());
                        found.add(new Finding(
                                id(),
                                Severity.ERROR,
                                Place.cell(part, 0, Column.COUNT),
                                "beat " + beat,
                                "beat " + allowed,
                                AuditSentences.theStartsOnBeatFiguresOf(
                                        part.wording(),
                                        beat,
                                        subject.figure().dance().title(),
                                        allowed),
                                List.of()));
                    });
        }
        return found;
    }
}
