package fluidframe.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RepeatDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.SplitDraft;
import fluidframe.core.notation.FigureDraft.UsageDraft;
import fluidframe.core.notation.FigureDraft.VariantsDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import fluidframe.core.notation.Place;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class DancedWayTest {

    private static VariationDraft changing(String name, int manRow, int ladyRow) {
        return new VariationDraft(name, List.of(note(manRow)), List.of(note(1), note(ladyRow)), Optional.empty());
    }

    private static RowChangeDraft note(int row) {
        return new RowChangeDraft(row, new RowDraft(Map.of(Column.NOTE, "softly")));
    }

    private static Figure varied(Optional<RepeatDraft> repeat, List<SplitDraft> splits) {
        FigureDraft draft = Danced.figure("natural turn");
        return Charts.read(draft.withVariants(new VariantsDraft(
                List.of(),
                splits,
                List.of(changing("early", 6, 5)),
                repeat,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(changing("outside", 1, 2)),
                UsageDraft.PLAIN)));
    }

    private static DancedWay way(Figure figure, WayKind kind) {
        return DancedWay.of(figure).stream()
                .filter(each -> each.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static Place step(Part part, int row) {
        return Place.cell(part, row, Column.NOTE);
    }

    @Test
    void everyWayIsDancedByItselfAndEachEntryWithEachFinish() {
        Figure figure = varied(
                Optional.of(new RepeatDraft(1, 6, Optional.empty(), Optional.empty(), "1-2")),
                List.of(new SplitDraft("1–3", 1, 3)));

        assertThat(DancedWay.of(figure))
                .extracting(DancedWay::kind)
                .containsExactly(
                        WayKind.ENTRY, WayKind.FINISH, WayKind.ENTRY_AND_FINISH, WayKind.REPEATS, WayKind.PART);
        assertThat(DancedWay.of(figure))
                .extracting(DancedWay::said)
                .containsExactly(
                        "Danced with the entry \"outside\": ",
                        "Danced with the finish \"early\": ",
                        "Danced with the entry \"outside\" and the finish \"early\": ",
                        "Danced 2 times: ",
                        "Danced as the part \"1–3\": ");
    }

    @Test
    void whatAWayChangesStandsAtItsOwnCell() {
        DancedWay finish = way(varied(Optional.empty(), List.of()), WayKind.FINISH);

        assertThat(finish.own(step(Part.MAN, 5))).isEqualTo(Place.field("finishes/0/man/0"));
        assertThat(finish.own(step(Part.LADY, 0))).isEqualTo(Place.field("finishes/0/lady/0"));
        assertThat(finish.own(step(Part.LADY, 4))).isEqualTo(Place.field("finishes/0/lady/1"));
        assertThat(finish.own(step(Part.MAN, 0))).isEqualTo(Place.field("finishes/0"));
        assertThat(finish.own(Place.field("bars"))).isEqualTo(Place.field("finishes/0"));
        assertThat(finish.charted(step(Part.MAN, 4))).isEqualTo(step(Part.MAN, 4));
        assertThat(finish.charted(Place.field("bars"))).isEqualTo(Place.field("bars"));
    }

    /**
     * Steps 3 and 4 three times: their rows stand for themselves again and again, those behind them come four rows
     * later.
     */
    @Test
    void theRowsOfAUnitDancedAgainAreThoseOfTheChart() {
        FigureDraft walks = Charts.figure(
                "foxtrot",
                "3",
                Charts.rows("S|LF|fwd|f LOD", "S|RF|fwd", "S|LF|fwd", "S|RF|fwd", "S|LF|fwd", "S|RF|fwd"),
                Charts.rows("S|RF|bk|b LOD", "S|LF|bk", "S|RF|bk", "S|LF|bk", "S|RF|bk", "S|LF|bk"));
        Figure figure = Charts.read(walks.withVariants(new VariantsDraft(
                List.of(),
                List.of(),
                List.of(),
                Optional.of(new RepeatDraft(3, 4, Optional.empty(), Optional.empty(), "3")),
                Optional.empty(),
                Optional.empty(),
                List.of())));
        DancedWay thrice = way(figure, WayKind.REPEATS);

        assertThat(thrice.danced().man().steps()).hasSize(10);
        assertThat(IntStream.range(0, 10).map(row -> thrice.rows().charted(Part.MAN, row)))
                .containsExactly(0, 1, 2, 3, 2, 3, 2, 3, 4, 5);
        assertThat(thrice.own(step(Part.MAN, 4))).isEqualTo(Place.field("repeat"));
    }

    @Test
    void theRowsOfAPartAreCountedFromWhereItBegins() {
        DancedWay part = way(varied(Optional.empty(), List.of(new SplitDraft("4–6", 4, 6))), WayKind.PART);

        assertThat(part.charted(step(Part.MAN, 0))).isEqualTo(step(Part.MAN, 3));
        assertThat(part.charted(step(Part.LADY, 2))).isEqualTo(step(Part.LADY, 5));
        assertThat(part.own(step(Part.MAN, 0))).isEqualTo(Place.field("splits/0"));
    }
}
