package fluidframe.core.compose;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.SmallBook;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Dancing;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.UsageDraft;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** With what a routine may begin and end: the figure says so itself, else its charts do. */
class BookendsTest {

    private static final String HEADER = "count|foot|footPosition|alignment|turn|action|relation";

    private static Dancing danced(FigureDraft draft) {
        return Dancing.of(Charts.read(draft), Way.AS_CHARTED);
    }

    private static FigureDraft waltz(String start, String end, String... man) {
        return Charts.figure(
                "waltz",
                "1",
                start,
                end,
                Charts.chart(HEADER, man),
                Charts.rows("1|LF|bk|b LOD", "2|RF|sd", "3|LF|cl"));
    }

    @ParameterizedTest(name = "{0}, first {1}")
    @CsvSource(
            delimiter = '!',
            value = {
                "closed; closed ! 1|RF|fwd|f LOD ! true", "closed; closed ! 1|LF|sd|f W ! true",
                        "closed; closed ! 1|RF|diag fwd|f LOD ! true", "closed; closed ! 1|RF|bk|b LOD ! false",
                        "closed; closed ! 1|RF|cl|f LOD ! false",
                "PP; closed ! 1|RF|fwd|f LOD ! false", "OP; closed ! 1|RF|fwd|f LOD ! false",
                        "closed; closed ! 1|RF|fwd|f LOD|1/2 R|pivot ! false",
                        "closed; closed ! 1|RF|fwd|f LOD||check ! true", "closed; closed ! 1|RF|fwd|f LOD|||PP ! false",
                "closed; closed ! (1)|RF|fwd|f LOD ! false"
            })
    void aCoupleBeginFacingInHoldWithAStepOff(String start, String first, boolean opens) {
        assertThat(Bookends.opens(danced(waltz(start, "closed; closed", first, "2|LF|sd", "3|RF|cl"))))
                .isEqualTo(opens);
    }

    @Test
    void inDancesOnTheSpotHisLeftFootBegins() {
        FigureDraft basic = Danced.figure("basic in place");
        FigureDraft other = basic.withMan(
                        Charts.rows("2|RF|bk|f W", "3|LF|ip", "4-1|RF|sd", "2|LF|fwd", "3|RF|ip", "4-1|LF|sd"))
                .withLady(Charts.rows("2|LF|fwd|b W", "3|RF|ip", "4-1|LF|sd", "2|RF|bk", "3|LF|ip", "4-1|RF|sd"));

        assertThat(Bookends.opens(danced(basic))).isTrue();
        assertThat(Bookends.opens(danced(other))).isFalse();
    }

    @ParameterizedTest(name = "{0}, last {1}")
    @CsvSource(
            delimiter = '!',
            value = {
                "closed; closed ! 3|RF|cl ! true",
                "PP; closed ! 3|RF|cl ! false",
                "closed; closed ! 3|RF|bk|b LOD ! false",
                "closed; closed ! 3|RF|cl|||spin ! false"
            })
    void theyEndFacingAndAtRest(String end, String last, boolean closes) {
        String cells = last.strip();
        assertThat(Bookends.closes(danced(waltz("closed; closed", end, "1|RF|fwd|f LOD", "2|LF|sd", cells))))
                .isEqualTo(closes);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"true", "false"})
    void whatAFigureSaysOfItselfCountsMoreThanItsCharts(boolean said) {
        for (String start : List.of("closed; closed", "PP; closed")) {
            Dancing dancing = danced(waltz(start, start, "1|RF|fwd|f LOD", "2|LF|sd", "3|RF|cl")
                    .withVariants(Charts.NO_VARIANTS
                            .with()
                            .usage(new UsageDraft(false, Optional.empty(), Optional.of(said), Optional.of(said)))
                            .build()));

            assertThat(Bookends.opens(dancing)).isEqualTo(said);
            assertThat(Bookends.closes(dancing)).isEqualTo(said);
        }
    }

    @Test
    void aPartOpensClosesOrLinksAsItIsUsed() {
        FigureDraft draft = Charts.naturalTurn()
                .withVariants(Charts.NO_VARIANTS
                        .with()
                        .splits(List.of(
                                new SplitDraft("begin", 1, 3, List.of(), Optional.of("entry")),
                                new SplitDraft("end", 4, 6, List.of(), Optional.of("exit")),
                                new SplitDraft("between", 4, 6, List.of(), Optional.of("link")),
                                new SplitDraft("practice", 1, 3)))
                        .build());
        List<Dancing> parts = List.of("begin", "end", "between", "practice").stream()
                .map(name -> Dancing.of(Charts.read(draft), Way.AS_CHARTED.withSplit(name)))
                .toList();

        assertThat(parts.stream().map(Bookends::opens)).containsExactly(true, false, false, false);
        assertThat(parts.stream().map(Bookends::closes)).containsExactly(false, true, false, false);
        assertThat(parts.stream().map(Bookends::isUsed)).containsExactly(true, true, true, false);
        assertThat(parts.stream().map(Bookends::isBegun)).containsExactly(true, false, false, true);
        Dancing whole = Dancing.of(SmallBook.turning("turn"), Way.AS_CHARTED);
        assertThat(Bookends.isUsed(whole) && Bookends.isBegun(whole)).isTrue();
    }
}
