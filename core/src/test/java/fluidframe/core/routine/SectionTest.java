package fluidframe.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.SmallBook;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Outcome;
import fluidframe.core.space.Point;
import fluidframe.core.time.Tempo;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class SectionTest {

    private static final Placement A = walk("a", "RF");
    private static final Placement B = walk("b", "LF");
    private static final Placement LONGER = Placement.of(Element.of(ElementKind.HOLD, 6));

    @Test
    void aSectionIsDancedAsOftenAsItSays() {
        assertThat(danced(A, A.beginning(new Section("verse", 2)), B, A.beginning(new Section("end", 1))))
                .containsExactly("a1", "a1", "b1", "a2", "b2", "a1");
    }

    @Test
    void itsEndingChangesFromTimeToTime() {
        Placement first = B.withRounds(new TreeSet<>(Set.of(1, 2)));
        Placement last = LONGER.withRounds(new TreeSet<>(Set.of(3)));
        assertThat(danced(A.beginning(new Section("verse", 3)), first, last))
                .containsExactly("a1", "b1", "a2", "b2", "a3", "hold3");
    }

    @Test
    void barsRunOnThroughEveryRepeatAndSeamsAreJudgedBetweenThem() {
        Score score =
                Score.of(routine(A.beginning(new Section("verse", 3)), B, LONGER.withRounds(new TreeSet<>(Set.of(2)))));
        assertThat(score.placements()).extracting(ScoredPlacement::bar).containsExactly(1, 2, 3, 4, 5, 7, 8);
        assertThat(score.placements())
                .extracting(each -> each.passage().round())
                .containsExactly(1, 1, 2, 2, 2, 3, 3);
        assertThat(score.seams()).hasSize(6).allMatch(seam -> seam.verdict().outcome() == Outcome.HOLDS);
    }

    @Test
    void anElementMayBeginARoutineAndStandsWhereTheFirstFigureWantsThem() {
        Score score = Score.of(routine(Placement.of(Element.of(ElementKind.BOW, 6)), B));
        assertThat(score.seams().get(0).verdict().outcome()).isEqualTo(Outcome.HOLDS);
        assertThat(score.placements().get(1).bar()).isEqualTo(3);
    }

    @Test
    void nobodyMovesWhileTheyHoldAndTheyStayTogetherWhileTheyWalkRoundEachOther() {
        Score score = Score.of(routine(A, LONGER, Placement.of(Element.of(ElementKind.ROUND, 9))));
        List<ScoreStep> his =
                score.steps().stream().filter(step -> step.part() == Part.MAN).toList();
        List<ScoreStep> hers =
                score.steps().stream().filter(step -> step.part() == Part.LADY).toList();
        Point stood = his.get(2).stance().body();
        assertThat(his.subList(3, 9)).allMatch(step -> step.stance().body().distanceTo(stood) < 0.02);
        for (int i = 9; i < his.size(); i++) {
            assertThat(his.get(i)
                            .stance()
                            .body()
                            .distanceTo(hers.get(i).stance().body()))
                    .as("step %s", i)
                    .isBetween(0.2, 0.8);
        }
        assertThat(his.get(his.size() - 1).stance().body().distanceTo(stood)).isLessThan(0.8);
    }

    @Test
    void tooManyAreRefused() {
        Placement[] many = Collections.nCopies(150, B).toArray(Placement[]::new);
        many[0] = A.beginning(new Section("again and again", 8));
        assertThatThrownBy(() -> routine(many))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("1200");
        assertThatThrownBy(() -> new Section("never", 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("0 times");
    }

    private static List<String> danced(Placement... placements) {
        return routine(placements).passages().stream()
                .map(passage -> passage.placement().item().key() + passage.round())
                .toList();
    }

    private static Placement walk(String id, String foot) {
        return Placement.of(Dancing.of(SmallBook.walk(id, foot, "LOD", ""), Way.AS_CHARTED));
    }

    private static Routine routine(Placement... placements) {
        return new Routine(
                "tried",
                "Tried",
                Dances.find("waltz").orElseThrow(),
                new Tempo(30),
                Conditions.OPEN,
                Arrays.asList(placements));
    }
}
