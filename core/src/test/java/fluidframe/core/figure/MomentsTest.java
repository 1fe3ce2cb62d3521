package fluidframe.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.card.PlainCard;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.couple.Titles;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.step.FootworkSchool;
import fluidframe.core.time.Tempo;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How the couple stand is one truth for both parts, wherever it is stated. */
class MomentsTest {

    /** His chart says nothing of the promenade that hers implies, hers nothing of the hold that his states. */
    private static final Figure WHISK = Charts.read(Charts.figure(
            "waltz",
            "1",
            "closed; closed",
            "PP; R-to-L",
            Charts.rows("1|LF|fwd|f DW", "2|RF|sd|f DW||hold R-to-L", "3|LF|XB|f DW"),
            Charts.rows("1|RF|bk|b DW", "2|LF|diag bk|p C|1/8 R", "3|RF|XB in PP|f DC|1/8 R")));

    @Test
    void aPositionThatOnePartImpliesIsInForceForBoth() {
        for (Part part : Part.values()) {
            List<Relation> relations = Moments.relations(WHISK, part, WHISK.timing(Part.MAN), WHISK.timing(Part.LADY));
            assertThat(relations)
                    .extracting(Relation::position)
                    .containsExactly(Position.CLOSED, Position.CLOSED, Position.PROMENADE);
            assertThat(relations)
                    .extracting(relation -> relation.hold().shorthand())
                    .containsExactly("closed", "R-to-L", "R-to-L");
        }
    }

    @Test
    void theScoreSaysWhatTheMomentsSay() {
        Score score = Score.of(new Routine(
                "one",
                "One",
                WHISK.dance(),
                new Tempo(29),
                Conditions.OPEN,
                List.of(Placement.of(Dancing.of(WHISK, Way.AS_CHARTED)))));
        assertThat(score.steps())
                .filteredOn(step -> step.row() == 2)
                .extracting(step -> step.relation().position())
                .containsOnly(Position.PROMENADE);
    }

    @Test
    void aCardSaysWhatThePartnersChartChanges() {
        assertThat(line(Part.MAN, 2)).contains("now in promenade.");
        assertThat(line(Part.LADY, 2)).as("her own words say it").doesNotContain("now in");
        assertThat(line(Part.LADY, 1)).contains("now with his right hand");
    }

    private static String line(Part part, int row) {
        return PlainCard.of(WHISK, part, Titles.MAN_LADY, FootworkSchool.EDGES)
                .lines()
                .get(row)
                .text();
    }
}
