package fluidframe.core.audit;

import fluidframe.core.Charts;
import fluidframe.core.figure.Mute;
import fluidframe.core.notation.FigureDraft;
import java.util.List;

/** What the audit says of a draft, rule by rule. */
final class Findings {

    private Findings() {}

    static List<Finding> found(FigureDraft draft, String rule) {
        return Audit.of(Charts.read(draft)).stream()
                .filter(finding -> finding.rule().equals(rule))
                .toList();
    }

    static FigureDraft muting(FigureDraft draft, Mute mute) {
        return draft.withMutes(List.of(mute));
    }
}
