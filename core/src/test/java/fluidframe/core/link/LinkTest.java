package fluidframe.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dances;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LinkTest {

    private static final Relation CLOSED = Relation.of(Position.CLOSED, Hold.CLOSED);
    private static final ExitState FACING_CENTRE_RIGHT_FREE =
            new ExitState(Foot.RIGHT, Foot.LEFT, Heading.parse("DC"), CLOSED, false, Travel.ON_THE_SPOT, false, Beats.ZERO);

    @Test
    void diagonallyToCentreIntoDiagonallyToWallHoldsOnlyRoundACorner() {
        EntryState entry = entry(Foot.RIGHT, "DW", CLOSED);
        Verdict straight = Link.between(FACING_CENTRE_RIGHT_FREE, entry);
        assertThat(straight.outcome()).isEqualTo(Outcome.BREAKS);
        assertThat(comparison(straight, Aspect.ALIGNMENT).reason()).contains("1/4 of a turn to the right");
        assertThat(Link.between(FACING_CENTRE_RIGHT_FREE.afterCorner(), entry).outcome()).isEqualTo(Outcome.HOLDS);
    }

    @ParameterizedTest(name = "facing {0}: {1}")
    @CsvSource({"DC, HOLDS", "LOD, BENDS", "C, BENDS", "W, BREAKS"})
    void alignmentBendsByAnEighth(String needed, Outcome outcome) {
        assertThat(Link.between(FACING_CENTRE_RIGHT_FREE, entry(Foot.RIGHT, needed, CLOSED)).outcome()).isEqualTo(outcome);
    }

    /** Sixteenths of a turn: an eighth bends, anything more breaks, to both sides. */
    @ParameterizedTest
    @CsvSource({"0, HOLDS", "1, BENDS", "2, BENDS", "-2, BENDS", "3, BREAKS", "-3, BREAKS", "8, BREAKS"})
    void anAlignmentBendsByAnEighthAndNoMore(int off, Outcome outcome) {
        EntryState entry = entry(Foot.RIGHT, "DC", CLOSED);
        assertThat(Fit.alignment(new Heading(Heading.parse("DC").sixteenths() + off), entry)).isEqualTo(outcome);
    }

    @Test
    void aFootThatCarriesTheWeightCannotStep() {
        Verdict verdict = Link.between(FACING_CENTRE_RIGHT_FREE, entry(Foot.LEFT, "DC", CLOSED));
        assertThat(verdict.outcome()).isEqualTo(Outcome.BREAKS);
        assertThat(comparison(verdict, Aspect.MAN_FREE_FOOT).given()).isEqualTo("RF");
        assertThat(comparison(verdict, Aspect.MAN_FREE_FOOT).needed()).isEqualTo("LF");
        assertThat(verdict.comparisons()).as("what agrees is in the verdict too").hasSize(Aspect.values().length - 2);
    }

    @ParameterizedTest(name = "closed to {0}, {1}: {2}")
    @CsvSource({"CLOSED, LEFT_TO_RIGHT, BENDS", "PROMENADE, CLOSED, BREAKS", "CLOSED, CROSSED, BREAKS", "CLOSED_FACING, CLOSED, BENDS"})
    void positionAndHold(Position position, Hold hold, Outcome outcome) {
        assertThat(Link.between(FACING_CENTRE_RIGHT_FREE, entry(Foot.RIGHT, "DC", Relation.of(position, hold))).outcome()).isEqualTo(outcome);
    }

    @Test
    void stillUpBreaksIntoAHeelLeadAndReversingBends() {
        ExitState up = new ExitState(Foot.RIGHT, Foot.LEFT, Heading.parse("DC"), CLOSED, true, Travel.ON_THE_SPOT, false, Beats.ZERO);
        assertThat(comparison(Link.between(up, entry(Foot.RIGHT, "DC", CLOSED)), Aspect.HEIGHT).outcome()).isEqualTo(Outcome.BREAKS);
        ExitState back = new ExitState(Foot.RIGHT, Foot.LEFT, Heading.parse("DC"), CLOSED, false, Travel.BACK, false, Beats.ZERO);
        assertThat(Link.between(back, entry(Foot.RIGHT, "DC", CLOSED)).outcome()).isEqualTo(Outcome.BENDS);
        ExitState checked = new ExitState(Foot.RIGHT, Foot.LEFT, Heading.parse("DC"), CLOSED, false, Travel.BACK, true, Beats.ZERO);
        assertThat(Link.between(checked, entry(Foot.RIGHT, "DC", CLOSED)).outcome()).isEqualTo(Outcome.HOLDS);
    }

    private static Comparison comparison(Verdict verdict, Aspect aspect) {
        return verdict.comparisons().stream().filter(compared -> compared.aspect() == aspect).findFirst().orElseThrow();
    }

    private static EntryState entry(Foot man, String facing, Relation relation) {
        return new EntryState(man, man.other(), List.of(Heading.parse(facing)), false, relation, true, Travel.FORWARD, false, Optional.of(Beats.ZERO),
                Dances.find("waltz").orElseThrow().rhythm());
    }
}
