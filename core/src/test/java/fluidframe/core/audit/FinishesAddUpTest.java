package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.FigureDraft.RowChangeDraft;
import fluidframe.core.notation.FigureDraft.VariationDraft;
import fluidframe.core.notation.RowDraft;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A figure starts on an alignment of its list, and each of its finishes turns as far as it says. */
class FinishesAddUpTest {

    private static final FigureDraft TURN = Charts.naturalTurn();

    private static RowChangeDraft turned(int row, String turn, String alignment) {
        return new RowChangeDraft(row, new RowDraft(Map.of(Column.TURN, turn, Column.ALIGNMENT, alignment)));
    }

    private static List<Finding> finishing(List<RowChangeDraft> man, List<RowChangeDraft> lady) {
        VariationDraft whole = new VariationDraft("as charted", List.of(), List.of(), Optional.empty());
        return found(
                TURN.withVariants(Charts.NO_VARIANTS
                        .with()
                        .finishes(List.of(whole, new VariationDraft("to LOD", man, lady, Optional.empty())))
                        .build()),
                "A4");
    }

    @ParameterizedTest(name = "{0} among {1}")
    @CsvSource(
            delimiter = '|',
            value = {"f DW|f DW|true", "f DW|f LOD, f DW|true", "f DW|f LOD|false", "f DW|f LOD, f C|false"})
    void theChartStartsOnOneOfItsAlignments(String starts, String listed, boolean right) {
        List<Finding> findings = found(TURN.withStartAlignments(List.of(listed.split(", "))), "A4");

        assertThat(findings).hasSize(right ? 0 : 1).allSatisfy(finding -> {
            assertThat(finding.place().pointer()).isEqualTo("/man/0/alignment");
            assertThat(finding.sentence())
                    .isEqualTo("The man's chart starts facing diagonally to wall; the figure may start on "
                            + listed.replace(", ", " or ") + ".");
        });
    }

    @Test
    void theFirstAlignmentThatIsStatedIsMeantWhereTheFirstStepSaysNone() {
        FigureDraft later = TURN.withCell(Part.MAN, 0, Column.ALIGNMENT, "").withStartAlignments(List.of("f C"));

        assertThat(found(later, "A4"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.place().pointer()).isEqualTo("/man/1/alignment"));
    }

    @Test
    void aFinishThatAddsUpIsRight() {
        assertThat(finishing(
                        List.of(turned(5, "1/2 R, body less", "p LOD"), turned(6, "body completes", "f LOD")),
                        List.of(turned(6, "1/4 R", "b LOD"))))
                .isEmpty();
    }

    @Test
    void oneThatDoesNotIsNamedAtTheChangeThatMakesIt() {
        List<Finding> his =
                finishing(List.of(turned(4, "", "b LOD"), turned(5, "1/2 R, body less", "p DC")), List.of());
        assertThat(his).singleElement().satisfies(finding -> {
            assertThat(finding.place().pointer()).isEqualTo("/finishes/1/man/1");
            assertThat(finding.sentence()).startsWith("Danced with the finish \"to LOD\": The man's foot looks to ");
            assertThat(finding.severity()).isEqualTo(Severity.ERROR);
        });
        assertThat(finishing(List.of(), List.of(turned(6, "1/4 R", "b DC"))))
                .singleElement()
                .satisfies(finding -> assertThat(finding.place().pointer()).isEqualTo("/finishes/1/lady/0"));
    }

    @Test
    void oneThatSpoilsARowThatItLeavesAsItIsIsNamedAsAWhole() {
        assertThat(finishing(List.of(turned(4, "1/8 R", "b DC-A")), List.of()))
                .isNotEmpty()
                .first()
                .satisfies(finding -> assertThat(finding.place().pointer()).startsWith("/finishes/1"));
    }
}
