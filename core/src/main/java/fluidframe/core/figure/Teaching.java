package fluidframe.core.figure;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What a coach says about a figure besides its charts.
 *
 * @param lastRead the day on which somebody last read all of it against technique; empty if nobody has
 */
public record Teaching(
        List<String> cues,
        List<String> faults,
        List<String> drills,
        List<Caution> cautions,
        Optional<LocalDate> lastRead) {

    public static final Teaching NONE = new Teaching(List.of(), List.of(), List.of(), List.of());

    public Teaching {
        cues = List.copyOf(cues);
        faults = List.copyOf(faults);
        drills = List.copyOf(drills);
        cautions = List.copyOf(cautions);
    }

    /** Whether there is something deep or turning in it, which a beginner is asked about first. */
    public boolean isDeep() {
        return cautions.stream().anyMatch(Caution.DEEP::contains);
    }

    public Teaching(List<String> cues, List<String> faults, List<String> drills, List<Caution> cautions) {
        this(cues, faults, drills, cautions, Optional.empty());
    }
}
