package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.notation.FigureDraft;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which steps ask for which caution, and which caution asks for a step. */
class CautionsAreShownTest {

    private static FigureDraft danced(String man, String lady, String... cautions) {
        FigureDraft draft = Charts.figure(
                "rumba",
                "1",
                Charts.chart("count|foot|footPosition|alignment|turn|action", man.split(";")),
                Charts.chart("count|foot|footPosition|alignment|turn|action", lady.split(";")));
        return draft.withCautions(List.of(cautions));
    }

    private static final String WALKS = "2|LF|fwd|f LOD;3|RF|fwd;4-1|LF|fwd";
    private static final String HERS = "2|RF|bk|b LOD;3|LF|bk;4-1|RF|bk";

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '!',
            value = {
                "2|LF|fwd|f LOD||spiral;3|RF|fwd;4-1|LF|fwd               ! spiral",
                "2|LF|fwd|f LOD||lunge;3|RF|fwd;4-1|LF|fwd                ! lunge",
                "2|LF|fwd|f LOD||dip;3|RF|fwd;4-1|LF|fwd                  ! dip",
                "2|LF|fwd|f LOD||back-bend;3|RF|fwd;4-1|LF|fwd            ! dip",
                "2|LF|fwd|f LOD|on 1 R;3|RF|fwd;4-1|LF|fwd                ! spin",
                "2|LF|fwd|f LOD|1/2 R|spin;3|RF|fwd||1/2 R|spin;4-1|LF|fwd ! spin"
            })
    void whatIsDancedAsksForItsCaution(String man, String caution) {
        assertThat(found(danced(man.strip(), HERS), "L1"))
                .filteredOn(finding -> !finding.fixes().isEmpty())
                .anySatisfy(finding -> assertThat(finding.fixes().get(0).text()).isEqualTo(caution));
        assertThat(found(danced(man.strip(), HERS, caution), "L1"))
                .noneMatch(finding ->
                        finding.fixes().stream().anyMatch(fix -> fix.text().equals(caution)));
        assertThat(found(danced(WALKS, man.strip()), "L1"))
                .as("it may be the lady who dances it")
                .isNotEmpty();
    }

    @Test
    void aPlainFigureAsksForNone() {
        assertThat(found(danced(WALKS, HERS), "L1")).isEmpty();
    }

    /**
     * Three quarters round in all, the same way, or what is called a spin, may carry the caution of spins; less may
     * not.
     */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '!',
            value = {
                "2|LF|fwd|f LOD|3/8 R;3|RF|fwd||3/8 R;4-1|LF|fwd          ! true",
                "2|LF|fwd|f LOD;3|RF|fwd||3/8 R;4-1|LF|fwd||3/8 R         ! true",
                "2|LF|fwd|f LOD;3|RF|fwd||3/8 R;4-1|LF|fwd||5/16 R        ! false",
                "2|LF|fwd|f LOD;3|RF|fwd||3/8 R;4-1|LF|fwd||3/8 L         ! false",
                "2|LF|fwd|f LOD;3|RF|fwd||on 3/8 R;4-1|LF|fwd||3/8 R      ! true",
                "2|LF|fwd|f LOD;3|RF|fwd||1/8 R|pivot;4-1|LF|fwd          ! true",
                "2|LF|fwd|f LOD;3|RF|fwd||1/8 R|twist;4-1|LF|fwd          ! true"
            })
    void aCautionOfSpinsBelongsToWhatGoesRound(String man, boolean right) {
        assertThat(found(danced(man.strip(), HERS, "spin"), "L1").stream()
                        .filter(finding -> finding.sentence().contains("read nowhere")))
                .hasSize(right ? 0 : 1);
    }

    @ParameterizedTest
    @CsvSource({"spiral", "lock at speed"})
    void aCautionThatNothingAsksForIsFound(String caution) {
        assertThat(found(danced(WALKS, HERS, caution), "L1")).singleElement().satisfies(finding -> {
            assertThat(finding.stated()).isEqualTo(caution);
            assertThat(finding.sentence()).contains("a caution that is everywhere is read nowhere");
        });
    }
}
