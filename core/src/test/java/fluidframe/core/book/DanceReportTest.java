package fluidframe.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.FigureDraft;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DanceReportTest {

    private static final List<String> STEPS =
            List.of("foot positions and alignments of every step", "footwork of every step");
    private static final List<String> WORDS =
            List.of("cues", "faults", "a drill", "what comes before", "what comes after");

    @Test
    void whatAFigureDoesNotSayIsListedAndNothingElse() {
        assertThat(Lacks.of(Charts.read(Charts.naturalTurn())))
                .containsExactly(
                        "footwork of every step", "cues", "faults", "a drill", "what comes before", "what comes after");
        assertThat(Lacks.of(Charts.read(told(walks("1|RF|fwd|f LOD|HT", "2|LF|fwd|f LOD|T", "3|RF|fwd|f LOD|TH")))))
                .isEmpty();
        assertThat(Lacks.of(Charts.read(told(walks("1|RF|fwd|f LOD|HT", "2|LF|fwd||T", "3|RF|fwd|f LOD|TH")))))
                .containsExactly(STEPS.get(0));
        assertThat(Lacks.of(Charts.read(walks("1|RF|fwd|f LOD|HT", "2|LF|fwd|f LOD|T", "3|RF|fwd|f LOD|TH"))))
                .containsExactlyElementsOf(WORDS);
    }

    @Test
    void whatNeedsACoachMostComesFirstThenWhatWasReadLongestAgo() {
        FigureDraft whole = told(walks("1|RF|fwd|f LOD|HT", "2|LF|fwd|f LOD|T", "3|RF|fwd|f LOD|TH"));
        List<Figure> figures = List.of(
                Charts.read(whole.with()
                        .id("new")
                        .title("Read lately")
                        .lastRead(Optional.of("2026-11-20"))
                        .build()),
                Charts.read(whole.with()
                        .id("old")
                        .title("Read long ago")
                        .lastRead(Optional.of("2025-01-01"))
                        .build()),
                Charts.read(whole.with()
                        .id("bare")
                        .title("Without cues")
                        .cues(List.of())
                        .lastRead(Optional.of("2026-11-20"))
                        .build()),
                Charts.read(whole.with().id("never").title("Never read").build()));
        assertThat(DanceReport.of(Dances.find("waltz").orElseThrow(), figures).each())
                .extracting(FigureReport::id)
                .containsExactly("bare", "never", "old", "new");
    }

    /** A figure of three walks that says nothing else. */
    private static FigureDraft walks(String... man) {
        String header = "count|foot|footPosition|alignment|footwork";
        return Charts.figure(
                "waltz",
                "1",
                Charts.chart(header, man),
                Charts.chart(header, "1|LF|bk|b LOD|TH", "2|RF|bk|b LOD|T", "3|LF|bk|b LOD|TH"));
    }

    private static FigureDraft told(FigureDraft draft) {
        return draft.with()
                .cues(List.of("one", "two", "three"))
                .faults(List.of("one", "two"))
                .drills(List.of("one"))
                .follows(List.of("a"))
                .precedes(List.of("b"))
                .build();
    }
}
