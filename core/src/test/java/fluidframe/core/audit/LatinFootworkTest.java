package fluidframe.core.audit;

import static fluidframe.core.audit.Findings.found;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** With what the foot arrives in the dances through the hips, and where a march may use the heel. */
class LatinFootworkTest {

    private static List<Finding> said(String dance, String step) {
        String count = dance.equals("rumba") ? "2;3;4-1" : dance.equals("paso-doble") ? "1;2;1;2" : "1;2;3";
        String[] marks = count.split(";");
        String[] man = new String[marks.length];
        String[] lady = new String[marks.length];
        for (int i = 0; i < marks.length; i++) {
            man[i] = marks[i] + "|" + (i % 2 == 0 ? "LF" : "RF") + "|" + (i == 0 ? step : "ip");
            lady[i] = marks[i] + "|" + (i % 2 == 0 ? "RF" : "LF") + "|" + (i == 0 ? "bk|b LOD" : "ip");
        }
        return found(
                Charts.figure(
                        dance,
                        dance.equals("paso-doble") ? "2" : "1",
                        "closed facing; closed",
                        "closed facing; closed",
                        Charts.chart("count|foot|footPosition|alignment|footwork|action", man),
                        Charts.rows(lady)),
                "F4");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '!',
            value = {
                "rumba ! fwd|f LOD|BF ! 0",
                "rumba ! fwd|f LOD|HF ! 1",
                "rumba ! br|f LOD|H ! 0",
                "rumba ! fwd|f LOD| ! 0",
                "waltz ! fwd|f LOD|HT ! 0",
                "paso-doble ! fwd|f LOD|HF ! 0",
                "paso-doble ! diag fwd|f LOD|HF ! 0",
                "paso-doble ! sd|f LOD|HF ! 1",
                "paso-doble ! bk|f LOD|HF ! 1",
                "paso-doble ! ip|f LOD|WF|appel ! 0",
                "paso-doble ! ip|f LOD|B|appel ! 1",
                "paso-doble ! ip|f LOD||appel ! 0",
                "paso-doble ! ip|f LOD|HF|appel ! 1"
            })
    void theBallArrivesFirstButOnAMarchForward(String dance, String step, int findings) {
        assertThat(said(dance.strip(), step.strip()))
                .hasSize(findings)
                .allSatisfy(finding -> assertThat(finding.place().pointer()).isEqualTo("/man/0/footwork"));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '!',
            value = {
                "rumba ! fwd|f LOD|HF ! Step 1 leads with the heel; Rumba is danced ball first. ! BF",
                "paso-doble ! bk|f LOD|HF ! Step 1 leads with the heel; Paso Doble marches on the heel only straight forward. ! BF",
                "paso-doble ! ip|f LOD|B|appel ! Step 1 is an appel; it is stamped with the whole foot, not with B. ! WF"
            })
    void whatIsRightIsSaidAndOffered(String dance, String step, String sentence, String right) {
        assertThat(said(dance.strip(), step.strip())).singleElement().satisfies(finding -> {
            assertThat(finding.sentence()).isEqualTo(sentence);
            assertThat(finding.fixes()).extracting(Fix::text).containsExactly(right);
        });
    }
}
