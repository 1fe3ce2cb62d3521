package fluidframe.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.approved.ApprovedBook;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Suggestions.Refusal;
import fluidframe.core.link.Suggestions.Suggestion;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SuggestionsTest {

    private static final Repertoire WALTZ = Repertoire.of(ApprovedBook.waltz(), Conditions.OPEN);

    @Test
    void everyFigureIsEitherSuggestedOnceInItsBestWayOrRefusedForOneReason() {
        for (Dancing last : WALTZ.dancings()) {
            Suggestions suggestions = Suggestions.after(WALTZ, last, last.exit());
            List<String> possible = suggestions.possible().stream()
                    .map(each -> each.dancing().figure().title())
                    .toList();
            List<String> refused = suggestions.refused().stream()
                    .map(Refusal::titles)
                    .flatMap(Collection::stream)
                    .toList();
            assertThat(Stream.concat(possible.stream(), refused.stream()))
                    .containsExactlyInAnyOrderElementsOf(WALTZ.figures().stream()
                            .map(Figure::title)
                            .distinct()
                            .toList());
            assertThat(suggestions.possible())
                    .extracting(Suggestion::outcome)
                    .isSortedAccordingTo(Outcome::compareTo)
                    .doesNotContain(Outcome.BREAKS);
        }
    }

    @Test
    void figuresThatNeedTheSameAreRefusedTogether() {
        Dancing last = WALTZ.dancings().get(0);
        assertThat(Suggestions.after(WALTZ, last, last.exit()).refused())
                .extracting(refusal -> refusal.reason().map(Comparison::aspect).orElseThrow() + " "
                        + VerdictSentence.needed(refusal.reason().orElseThrow()))
                .doesNotHaveDuplicates();
        assertThat(Suggestions.before(WALTZ, last, last.entry()).refused())
                .extracting(refusal -> refusal.reason().map(Comparison::aspect).orElseThrow() + " "
                        + VerdictSentence.given(refusal.reason().orElseThrow()))
                .doesNotHaveDuplicates();
    }
}
