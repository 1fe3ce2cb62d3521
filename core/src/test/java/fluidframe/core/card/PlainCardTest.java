package fluidframe.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.RandomRows;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.couple.Titles;
import fluidframe.core.notation.Column;
import fluidframe.core.step.FootworkSchool;
import org.junit.jupiter.api.Test;

class PlainCardTest {

    @Test
    void aStepIsReadAloud() {
        PlainCard card = PlainCard.of(
                Charts.read(Danced.figure("natural turn")), Part.MAN, Titles.LEADER_FOLLOWER, FootworkSchool.EDGES);
        assertThat(card.dancer()).isEqualTo("Leader");
        assertThat(card.opening()).contains("closed").endsWith("looking to the wall, diagonally.");
        assertThat(card.lines().get(0))
                .isEqualTo(
                        new PlainCard.Line(
                                "1",
                                "Right foot forward, heel first, then toe, to face the wall, diagonally, "
                                        + "begins to rise at the end of the step, the opposite side of the body swings with the step."));
        assertThat(card.lines().get(1).text())
                .startsWith("Left foot to the side, on the toe, turning a quarter to the right");
        assertThat(card.lines().get(4).text())
                .contains("turning three eighths to the right, the body turning an eighth less than the foot");
        assertThat(card.cautions()).singleElement().asString().startsWith("Warm up first");
    }

    @Test
    void theClassicSchoolKnowsOnlyHeelsAndToes() {
        StepSentence classic = new StepSentence(FootworkSchool.CLASSIC);
        StepSentence edges = new StepSentence(FootworkSchool.EDGES);
        var step = Charts.read(Danced.figure("progressive link")).man().steps().get(1);
        assertThat(edges.of(step, 1, RelationChange.NONE)).contains("inside edge of ball first, then heel");
        assertThat(classic.of(step, 1, RelationChange.NONE))
                .contains("toe first, then heel")
                .doesNotContain("edge");
    }

    @Test
    void aTouchSaysThatItTakesNoWeight() {
        var step = Charts.read(Danced.figure("basic in place").withCell(Part.LADY, 2, Column.FOOT_POSITION, "pt sd"))
                .lady()
                .steps()
                .get(2);
        assertThat(new StepSentence(FootworkSchool.EDGES).of(step, 2, RelationChange.NONE))
                .startsWith("Right foot points to the side, without weight");
    }

    @Test
    void everyRowThatCanBeWrittenCanBeRead() {
        StepSentence sentence = new StepSentence(FootworkSchool.EDGES);
        RandomRows.many(2000)
                .forEach(step -> assertThat(sentence.of(step, 0, RelationChange.NONE))
                        .matches("\\p{Lu}.*\\.")
                        .doesNotContain(", ,"));
    }
}
