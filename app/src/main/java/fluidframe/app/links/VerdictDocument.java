package fluidframe.app.links;

import fluidframe.core.link.Comparison;
import fluidframe.core.link.Verdict;
import fluidframe.core.link.VerdictSentence;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;

/** Whether a figure may follow another: holds, bends or breaks, in one sentence and thing by thing. */
@Schema(name = "Verdict")
public record VerdictDocument(String outcome, String sentence, List<ComparisonDocument> comparisons) {

    /** One compared thing: what it is, what it is called, what the first figure gives and the second needs. */
    @Schema(name = "Comparison")
    public record ComparisonDocument(
            String aspect, String title, String given, String needed, String outcome, String reason) {

        static ComparisonDocument of(Verdict verdict, Comparison comparison) {
            return new ComparisonDocument(
                    comparison.aspect().title(),
                    comparison.aspect().wording(),
                    VerdictSentence.given(comparison),
                    VerdictSentence.needed(comparison),
                    comparison.outcome().name().toLowerCase(Locale.ROOT),
                    VerdictSentence.reason(verdict, comparison));
        }
    }

    public static VerdictDocument of(Verdict verdict) {
        return new VerdictDocument(
                verdict.outcome().name().toLowerCase(Locale.ROOT),
                VerdictSentence.of(verdict),
                verdict.comparisons().stream()
                        .map(comparison -> ComparisonDocument.of(verdict, comparison))
                        .toList());
    }
}
