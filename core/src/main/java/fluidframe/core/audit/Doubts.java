package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What a derived chart could not know: whatever the audits find in it that they did not find before. */
public final class Doubts {

    private Doubts() {}

    /** One sentence each, the worst first. */
    public static List<String> of(Figure before, Figure derived, Part part) {
        Set<String> known = new HashSet<>();
        Audit.of(before).forEach(finding -> known.add(finding.sentence()));
        return Audit.of(derived).stream()
                .filter(finding -> !finding.isMuted()
                        && finding.severity() != Severity.NOTE
                        && finding.place().part().filter(part::equals).isPresent())
                .map(Finding::sentence)
                .filter(sentence -> !known.contains(sentence))
                .distinct()
                .toList();
    }
}
