package fluidframe.core.audit;

import fluidframe.core.audit.DancedWay.Kind;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Place;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Every way of dancing a figure, audited as fully as its charts. What the charts are found to have already is not said
 * again for a way; nor is what only makes sense of a whole figure said of a part. Where the bodies are is worked out
 * once for each entry and each finish: a part is measured with the whole.
 */
final class WaysAudit {

    /** What the rule on starts and finishes says of a finish, and what concerns the figure and not a way of it. */
    private static final Set<String> OF_THE_FIGURE = Set.of("T6", "W6", "V1", "A4", "T8");

    private static final Map<Kind, Set<String>> LEFT_OUT = new EnumMap<>(Map.of(
            Kind.FINISH, Set.of("A1", "A2"),
            Kind.ENTRY_AND_FINISH, Set.of("A1", "A2", "G1", "G2", "G3", "G4", "G5"),
            Kind.REPEATS, Set.of("R4"),
            Kind.PART, Set.of("R1", "R4", "C1", "A6", "S1", "L1", "G1", "G2", "G3", "G4", "G5")));

    private WaysAudit() {}

    private record Said(String rule, Place place, String stated) {}

    static List<Finding> of(Figure figure, List<Rule> rules, List<Finding> charted) {
        Set<Said> said = new HashSet<>();
        charted.forEach(finding -> said.add(new Said(finding.rule(), finding.place(), finding.stated())));
        List<Finding> found = new ArrayList<>();
        for (DancedWay way : DancedWay.of(figure)) {
            Stopping.check();
            Subject subject = new Subject(way.danced());
            for (Rule rule : rules) {
                if (!OF_THE_FIGURE.contains(rule.id())
                        && !LEFT_OUT.getOrDefault(way.kind(), Set.of()).contains(rule.id())) {
                    for (Finding finding : rule.check(subject)) {
                        Place there = way.charted(finding.place());
                        if (said.add(new Said(finding.rule(), there, finding.stated()))) {
                            found.add(finding.of(way).mutedBy(figure.mutes(), there));
                        }
                    }
                }
            }
        }
        return found;
    }
}
