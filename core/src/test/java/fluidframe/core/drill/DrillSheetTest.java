package fluidframe.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Dancing;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DrillSheetTest {

    private static final Figure NATURAL_TURN = Charts.read(Danced.figure("natural turn"));
    private static final Figure LOCK = Charts.read(Danced.figure("forward lock"));

    private static Drill couple(Figure figure, Way way) {
        return new Drill(List.of(Dancing.of(figure, way)), Optional.empty(), "", false, List.of(), TempoLadder.USUAL);
    }

    @Test
    void anyStepsOfAFigureCanBeDancedByThemselves() {
        Figure steps =
                Dancing.of(NATURAL_TURN, Way.AS_CHARTED.withSplit("steps 4-5")).danced();
        assertThat(steps.man().steps()).hasSize(2);
        assertThat(steps.lady().steps()).hasSize(2);
        assertThat(steps.length().toString()).isEqualTo("2");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Dancing.of(NATURAL_TURN, Way.AS_CHARTED.withSplit("steps 4-7")));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Dancing.of(NATURAL_TURN, Way.AS_CHARTED.withSplit("steps 0-2")));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Dancing.of(NATURAL_TURN, Way.AS_CHARTED.withSplit("steps 5-4")));
    }

    @Test
    void itSaysWhetherItsFeetAreAsTheyWere() {
        assertThat(DrillSheet.of(couple(NATURAL_TURN, Way.AS_CHARTED)).loops()).isTrue();
        DrillSheet half = DrillSheet.of(couple(NATURAL_TURN, Way.AS_CHARTED.withSplit("steps 1-3")));
        assertThat(half.loops()).isFalse();
        assertThat(half.sentences()).anyMatch(sentence -> sentence.startsWith("It ends with the other foot free"));
        assertThat(DrillSheet.of(couple(NATURAL_TURN, Way.AS_CHARTED.withSplit("steps 4-5")))
                        .loops())
                .isTrue();
    }

    @Test
    void itSaysWhoHowMuchAndHowFast() {
        Drill alone = new Drill(
                List.of(Dancing.of(NATURAL_TURN, Way.AS_CHARTED)),
                Optional.of(Part.LADY),
                "a scarf",
                true,
                List.of(25, 50, 100),
                new TempoLadder(50, 85, 20, 1));
        assertThat(DrillSheet.of(alone).sentences())
                .containsExactly(
                        "The lady alone, with the left foot free, with a scarf.",
                        "First in flat shoes.",
                        "One degree at a time: 25 %, then 50 %, then all of the lady's three quarters of a turn to the right.",
                        "It ends with the foot free that it began with: again at once.",
                        "Counted, without music; then 50 %, 70 %, 85 % of the tempo, once at each.");
    }

    @Test
    void aSeamIsTwoFigures() {
        Drill seam = new Drill(
                List.of(
                        Dancing.of(NATURAL_TURN, Way.AS_CHARTED.withSplit("steps 4-6")),
                        Dancing.of(NATURAL_TURN, Way.AS_CHARTED)),
                Optional.empty(),
                "",
                false,
                List.of(),
                TempoLadder.USUAL);
        assertThat(DrillSheet.of(seam).title()).contains(" into ");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Drill(List.of(), Optional.empty(), "", false, List.of(), TempoLadder.USUAL));
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> new Drill(seam.chain(), Optional.empty(), "", false, List.of(50, 50), TempoLadder.USUAL));
        assertThatIllegalArgumentException()
                .isThrownBy(() ->
                        new Drill(seam.chain(), Optional.empty(), "", false, List.of(50, 101), TempoLadder.USUAL));
    }

    @Test
    void whatHasAnActionOfItsOwnIsDancedAloneFirst() {
        List<Drill> drills = Drills.of(LOCK);
        assertThat(drills.get(0).alone()).contains(Part.MAN);
        assertThat(DrillSheet.of(drills.get(0)).title()).endsWith("(steps 2-4)");
        assertThat(drills).extracting(Drill::alone).contains(Optional.of(Part.LADY), Optional.empty());
    }

    @Test
    void aLadderRises() {
        assertThat(new TempoLadder(60, 100, 10, 2).rungs()).containsExactly(60, 70, 80, 90, 100);
        assertThat(new TempoLadder(40, 120, 50, 1).rungs()).containsExactly(40, 90, 120);
        assertThat(new TempoLadder(80, 80, 10, 1).rungs()).containsExactly(80);
        assertThatIllegalArgumentException().isThrownBy(() -> new TempoLadder(39, 100, 10, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new TempoLadder(40, 121, 10, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new TempoLadder(90, 80, 10, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new TempoLadder(60, 100, 0, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new TempoLadder(60, 100, 10, 0));
    }
}
