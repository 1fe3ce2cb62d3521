package fluidframe.core.audit;

import fluidframe.core.Charts;
import fluidframe.core.figure.Mute;
import fluidframe.core.notation.FigureDraft;
import java.util.List;

/** What the audit says of a draft, rule by rule. */
final class Findings {

    private Findings() {
    }

    static List<Finding> found(FigureDraft draft, String rule) {
        return Audit.of(Charts.read(draft)).stream().filter(finding -> finding.rule().equals(rule)).toList();
    }

    static FigureDraft muting(FigureDraft draft, Mute mute) {
        return new FigureDraft(draft.id(), draft.dance(), draft.feel(), draft.title(), draft.level(), draft.bars(), draft.start(), draft.end(),
                draft.startAlignments(), draft.insistsOnAlignment(), draft.man(), draft.lady(), draft.variants(), draft.follows(), draft.precedes(),
                draft.cues(), draft.faults(), draft.drills(), draft.cautions(), draft.sameFoot(), List.of(mute), draft.derived());
    }
}
