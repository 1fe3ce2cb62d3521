package fluidframe.app.logbook;

import fluidframe.app.people.CoupleStore;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.memory.Grade;
import fluidframe.core.memory.Memory;
import fluidframe.core.practice.Practised;
import fluidframe.core.practice.Subject;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;

/** How couples stand, for whoever asks them something. */
@Component
public class Standings {

    private final CoupleStore couples;
    private final Ledgers ledgers;

    Standings(CoupleStore couples, Ledgers ledgers) {
        this.couples = couples;
        this.ledgers = ledgers;
    }

    /**
     * What a couple have been asked of charts and are likely to have lost, the likeliest first.
     *
     * @throws RefusedException if there is no such couple
     */
    public List<Subject.Charted> paperDue(String couple) {
        long number = couples.find(couple)
                .orElseThrow(() -> RefusedException.of("/weakOf", couple, LogbookSentences.theIdOfACouple()));
        Instant now = Instant.now();
        return ledgers.of(number).all().stream()
                .filter(practised -> practised.subject() instanceof Subject.Charted
                                && practised.memory().recallAt(now) < Memory.WANTED
                        || isMissed(practised))
                .sorted(Comparator.comparingDouble(practised ->
                        isMissed(practised) ? 0 : practised.memory().recallAt(now)))
                .map(practised -> (Subject.Charted) practised.subject())
                .toList();
    }

    /** What was answered wrongly last is due at once. */
    private static boolean isMissed(Practised practised) {
        return practised.subject() instanceof Subject.Charted && practised.last() == Grade.LOST;
    }
}
