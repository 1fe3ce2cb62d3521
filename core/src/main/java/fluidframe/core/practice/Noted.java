package fluidframe.core.practice;

import fluidframe.core.memory.Grade;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * What was danced once, how it went, and what was wrong.
 *
 * @param grade empty where only faults were noted
 * @param faults those that were seen in it
 */
public record Noted(Instant at, Subject subject, Optional<Grade> grade, List<Subject.Fault> faults) {

    public Noted {
        faults = List.copyOf(faults);
    }
}
