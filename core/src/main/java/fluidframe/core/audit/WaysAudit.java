package fluidframe.core.audit;

import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Place;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Every way of dancing a figure, audited as fully as its charts. What the charts are found to have already is not said
 * again for a way; nor is what only makes sense of a whole figure said of a part. Where the bodies are is worked out
 * once for each entry and each finish: a part is measured with the whole.
 */
final class WaysAudit {

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
                if (!rule.silentOn().contains(way.kind())) {
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
