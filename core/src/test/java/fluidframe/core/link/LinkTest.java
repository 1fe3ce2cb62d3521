package fluidframe.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dances;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LinkTest {

    private static final Relation CLOSED = Relation.of(Position.CLOSED, Hold.CLOSED);
    private static final ExitState FACING_CENTRE_RIGHT_FREE = new ExitState(
            Foot.RIGHT,
            Foot.LEFT,
            Heading.parse("DC"),
            CLOSED,
            false,
            Travel.ON_THE_SPOT,
            false,
            Beats.ZERO,
            Line.IN_LINE,
            false,
            0);

    @Test
    void diagonallyToCentreIntoDiagonallyToWallHoldsOnlyRoundACorner() {
        EntryState entry = entry(Foot.RIGHT, "DW", CLOSED);
        Verdict straight = Link.between(FACING_CENTRE_RIGHT_FREE, entry);
        assertThat(straight.outcome()).isEqualTo(Outcome.BREAKS);
        assertThat(VerdictSentence.reason(straight, comparison(straight, Aspect.ALIGNMENT)))
                .contains("a quarter turn further to the right");
        assertThat(Link.between(FACING_CENTRE_RIGHT_FREE.afterCorner(), entry).outcome())
                .isEqualTo(Outcome.HOLDS);
    }

    @ParameterizedTest(name = "facing {0}: {1}")
    @CsvSource({"DC, HOLDS", "LOD, BENDS", "C, BENDS", "W, BREAKS"})
    void alignmentBendsByAnEighth(String needed, Outcome outcome) {
        assertThat(Link.between(FACING_CENTRE_RIGHT_FREE, entry(Foot.RIGHT, needed, CLOSED))
                        .outcome())
                .isEqualTo(outcome);
    }

    /** Sixteenths of a turn: an eighth bends, anything more breaks, to both sides. */
    @ParameterizedTest
    @CsvSource({"0, HOLDS", "1, BENDS", "2, BENDS", "-2, BENDS", "3, BREAKS", "-3, BREAKS", "8, BREAKS"})
    void anAlignmentBendsByAnEighthAndNoMore(int off, Outcome outcome) {
        assertThat(Fit.alignment(facing(off), entry(Foot.RIGHT, "DC", CLOSED))).isEqualTo(outcome);
    }

    private static ExitState facing(int off) {
        return FACING_CENTRE_RIGHT_FREE.turned(new Turn(off));
    }

    /** What may be curved by an eighth holds up to an eighth, and bends no further than anything else. */
    @ParameterizedTest
    @CsvSource({"1, 1, HOLDS", "2, 2, HOLDS", "2, -2, HOLDS", "1, 2, BENDS", "2, 3, BREAKS"})
    void aFigureThatMayBeCurvedIsNotStoppedByItsCurve(int curve, int off, Outcome outcome) {
        EntryState curved = entry(Foot.RIGHT, "DC", CLOSED, Line.IN_LINE, curve, false, Travel.FORWARD);
        assertThat(Fit.alignment(facing(off), curved)).isEqualTo(outcome);
        ExitState leaving = new ExitState(
                Foot.RIGHT,
                Foot.LEFT,
                facing(off).facing(),
                CLOSED,
                false,
                Travel.ON_THE_SPOT,
                false,
                Beats.ZERO,
                Line.IN_LINE,
                false,
                curve);
        assertThat(Fit.alignment(leaving, entry(Foot.RIGHT, "DC", CLOSED))).isEqualTo(outcome);
    }

    @ParameterizedTest(name = "{0}, room {1}, into {2}: {3}")
    @CsvSource({
        "IN_LINE, false, IN_LINE, HOLDS",
        "IN_LINE, true, OUTSIDE_RIGHT, HOLDS",
        "IN_LINE, false, OUTSIDE_RIGHT, BENDS",
        "OUTSIDE_RIGHT, false, OUTSIDE_RIGHT, HOLDS",
        "OUTSIDE_RIGHT, false, IN_LINE, HOLDS",
        "OUTSIDE_RIGHT, true, OUTSIDE_LEFT, BREAKS"
    })
    void outsidePartnerWantsRoom(Line given, boolean room, Line needed, Outcome outcome) {
        ExitState exit = new ExitState(
                Foot.RIGHT,
                Foot.LEFT,
                Heading.parse("DC"),
                CLOSED,
                false,
                Travel.ON_THE_SPOT,
                false,
                Beats.ZERO,
                given,
                room,
                0);
        assertThat(comparison(
                                Link.between(exit, entry(Foot.RIGHT, "DC", CLOSED, needed, 0, false, Travel.FORWARD)),
                                Aspect.LINE)
                        .outcome())
                .isEqualTo(outcome);
    }

    @ParameterizedTest(name = "{0} into {1}, {2}: {3}")
    @CsvSource({
        "BACK, FORWARD, IN_LINE, BENDS",
        "FORWARD, BACK, IN_LINE, BENDS",
        "BACK, FORWARD, OUTSIDE_RIGHT, HOLDS",
        "BACK, BACK, IN_LINE, HOLDS",
        "ON_THE_SPOT, FORWARD, IN_LINE, HOLDS"
    })
    void whoGoesBackCannotGoForwardWithTheNextStep(Travel given, Travel needed, Line line, Outcome outcome) {
        ExitState exit = new ExitState(
                Foot.RIGHT,
                Foot.LEFT,
                Heading.parse("DC"),
                CLOSED,
                false,
                given,
                false,
                Beats.ZERO,
                Line.IN_LINE,
                true,
                0);
        assertThat(comparison(
                                Link.between(exit, entry(Foot.RIGHT, "DC", CLOSED, line, 0, false, needed)),
                                Aspect.TRAVEL)
                        .outcome())
                .isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({"true, LEFT_TO_RIGHT, HOLDS", "false, LEFT_TO_RIGHT, BENDS", "true, RIGHT_TO_LEFT, BREAKS"})
    void whatDrawsApartOnItsFirstStepBeginsAtArmsLengthToo(boolean opens, Hold hold, Outcome outcome) {
        Relation open = Relation.of(Position.OPEN_FACING, hold);
        ExitState exit = new ExitState(
                Foot.LEFT,
                Foot.RIGHT,
                Heading.parse("DC"),
                open,
                false,
                Travel.ON_THE_SPOT,
                false,
                Beats.ZERO,
                Line.IN_LINE,
                true,
                0);
        EntryState close = entry(
                Foot.LEFT, "DC", Relation.of(Position.CLOSED_FACING, Hold.CLOSED), Line.IN_LINE, 0, opens, Travel.BACK);
        assertThat(Link.between(exit, close).outcome()).isEqualTo(outcome);
    }

    @Test
    void aVerdictSaysInOneSentenceWhatBreaksIt() {
        assertThat(VerdictSentence.of(Link.between(FACING_CENTRE_RIGHT_FREE, entry(Foot.LEFT, "DC", CLOSED))))
                .isEqualTo("He has his right foot free, and the next figure needs the left foot.");
        assertThat(VerdictSentence.of(Link.between(FACING_CENTRE_RIGHT_FREE, entry(Foot.RIGHT, "DC", CLOSED))))
                .isEqualTo("It follows as it is.");
    }

    @Test
    void aFootThatCarriesTheWeightCannotStep() {
        Verdict verdict = Link.between(FACING_CENTRE_RIGHT_FREE, entry(Foot.LEFT, "DC", CLOSED));
        assertThat(verdict.outcome()).isEqualTo(Outcome.BREAKS);
        assertThat(comparison(verdict, Aspect.MAN_FREE_FOOT))
                .isEqualTo(new Comparison.FreeFoot(Part.MAN, Foot.RIGHT, Foot.LEFT, Outcome.BREAKS));
        assertThat(verdict.comparisons())
                .as("what agrees is in the verdict too")
                .hasSize(Aspect.values().length - 2);
    }

    @ParameterizedTest(name = "closed to {0}, {1}: {2}")
    @CsvSource({
        "CLOSED, LEFT_TO_RIGHT, BENDS",
        "PROMENADE, CLOSED, BREAKS",
        "CLOSED, CROSSED, BREAKS",
        "CLOSED_FACING, CLOSED, BENDS"
    })
    void positionAndHold(Position position, Hold hold, Outcome outcome) {
        assertThat(Link.between(FACING_CENTRE_RIGHT_FREE, entry(Foot.RIGHT, "DC", Relation.of(position, hold)))
                        .outcome())
                .isEqualTo(outcome);
    }

    @Test
    void stillUpBreaksIntoAHeelLeadAndReversingBends() {
        ExitState up = new ExitState(
                Foot.RIGHT,
                Foot.LEFT,
                Heading.parse("DC"),
                CLOSED,
                true,
                Travel.ON_THE_SPOT,
                false,
                Beats.ZERO,
                Line.IN_LINE,
                false,
                0);
        assertThat(comparison(Link.between(up, entry(Foot.RIGHT, "DC", CLOSED)), Aspect.HEIGHT)
                        .outcome())
                .isEqualTo(Outcome.BREAKS);
        ExitState back = new ExitState(
                Foot.RIGHT,
                Foot.LEFT,
                Heading.parse("DC"),
                CLOSED,
                false,
                Travel.BACK,
                false,
                Beats.ZERO,
                Line.IN_LINE,
                false,
                0);
        assertThat(Link.between(back, entry(Foot.RIGHT, "DC", CLOSED)).outcome())
                .isEqualTo(Outcome.BENDS);
        ExitState checked = new ExitState(
                Foot.RIGHT,
                Foot.LEFT,
                Heading.parse("DC"),
                CLOSED,
                false,
                Travel.BACK,
                true,
                Beats.ZERO,
                Line.IN_LINE,
                false,
                0);
        assertThat(Link.between(checked, entry(Foot.RIGHT, "DC", CLOSED)).outcome())
                .isEqualTo(Outcome.HOLDS);
    }

    private static Comparison comparison(Verdict verdict, Aspect aspect) {
        return verdict.comparisons().stream()
                .filter(compared -> compared.aspect() == aspect)
                .findFirst()
                .orElseThrow();
    }

    private static EntryState entry(Foot man, String facing, Relation relation) {
        return entry(man, facing, relation, Line.IN_LINE, 0, false, Travel.FORWARD);
    }

    private static EntryState entry(
            Foot man, String facing, Relation relation, Line line, int curve, boolean opens, Travel travel) {
        return new EntryState(
                man,
                man.other(),
                List.of(Heading.parse(facing)),
                false,
                relation,
                true,
                travel,
                false,
                Optional.of(Beats.ZERO),
                Dances.find("waltz").orElseThrow().rhythm(),
                line,
                curve,
                opens);
    }
}
