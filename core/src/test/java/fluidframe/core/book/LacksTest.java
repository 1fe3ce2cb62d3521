package fluidframe.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What a couple would have to be told and the figure does not say: nothing of one that says it all, and each thing by
 * itself where it goes.
 */
class LacksTest {

    private static FigureDraft taught(FigureDraft draft) {
        return draft.with()
                .cues(List.of("one", "two", "three"))
                .faults(List.of("one", "two"))
                .drills(List.of("one"))
                .follows(List.of("a"))
                .precedes(List.of("b"))
                .build();
    }

    private static List<String> lacking(FigureDraft draft) {
        return Lacks.of(Charts.read(draft));
    }

    private static FigureDraft turn() {
        return taught(Danced.figure("natural turn"));
    }

    private static FigureDraft basic() {
        return taught(Danced.figure("basic in place"));
    }

    @ParameterizedTest(name = "{0} {1}, {2}: {3}")
    @CsvSource({
        "MAN, 2, FOOT_POSITION, foot positions and alignments of every step",
        "LADY, 6, ALIGNMENT, foot positions and alignments of every step",
        "LADY, 1, FOOTWORK, footwork of every step",
        "MAN, 6, FOOTWORK, footwork of every step"
    })
    void aCellThatIsEmptyIsLacking(Part part, int step, Column column, String lack) {
        assertThat(lacking(turn())).isEmpty();
        assertThat(lacking(turn().withCell(part, step - 1, column, ""))).containsExactly(lack);
    }

    @Test
    void hipsAreAskedForOnlyWhereADanceIsDancedThroughThem() {
        FigureDraft stiff = basic();
        for (Part part : Part.values()) {
            for (int row = 0; row < 6; row++) {
                stiff = stiff.withCell(part, row, Column.BODY, "");
            }
        }

        assertThat(lacking(basic())).isEmpty();
        assertThat(lacking(stiff)).containsExactly("hips and body");
        assertThat(lacking(stiff.withCell(Part.LADY, 2, Column.BODY, "settle R")))
                .as("one that says it is enough")
                .isEmpty();
    }

    @Test
    void aLeadIsAskedForWhereTheTwoChangeHoldOrFaceOtherwise() {
        FigureDraft opening = taught(Danced.figure("open telemark"));
        FigureDraft alike = taught(Danced.figure("closed promenade"));

        assertThat(lacking(opening)).containsExactly("the lead");
        assertThat(lacking(opening.withCell(Part.MAN, 2, Column.LEAD, "His right side turns her into promenade")))
                .isEmpty();
        assertThat(lacking(alike.withCell(Part.MAN, 3, Column.RELATION, ""))).contains("the lead");
        assertThat(lacking(basic().withCell(Part.MAN, 2, Column.RELATION, "hold L-to-R")))
                .contains("the lead");
    }

    @Test
    void threeCuesTwoFaultsAndADrillAreEnough() {
        assertThat(lacking(turn().withCues(List.of("one", "two")))).containsExactly("cues");
        assertThat(lacking(turn().withFaults(List.of("one")))).containsExactly("faults");
        assertThat(lacking(turn().withDrills(List.of()))).containsExactly("a drill");
        assertThat(lacking(turn().withFollows(List.of()).withPrecedes(List.of())))
                .containsExactly("what comes before", "what comes after");
    }
}
