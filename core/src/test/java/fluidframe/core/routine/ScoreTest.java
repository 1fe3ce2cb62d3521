package fluidframe.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.SmallBook;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Aspect;
import fluidframe.core.link.Comparison;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Outcome;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.time.Tempo;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ScoreTest {

    private static final Figure TURNING = SmallBook.turning("turning");
    private static final Figure AHEAD = SmallBook.walk("ahead", "RF", "DC", "");
    private static final Figure BACK = SmallBook.walk("back", "LF", "DC", "1/8 R");
    private static final Floor HALL = Floor.of(18, 11, true);

    @Test
    void barsBeatsAndSecondsRunThroughTheWholeRoutine() {
        Score score = score(
                placed(TURNING, Way.AS_CHARTED, false),
                placed(AHEAD, Way.AS_CHARTED, false),
                placed(BACK, Way.AS_CHARTED, false));
        assertThat(score.placements()).extracting(ScoredPlacement::bar).containsExactly(1, 3, 4);
        assertThat(score.length()).hasToString("12");
        assertThat(score.seconds()).isCloseTo(12 * 60 / 90.0, within(1e-9));
        assertThat(score.steps()).extracting(ScoreStep::onset).isSorted();
        assertThat(score.steps()).filteredOn(step -> step.part() == Part.LADY).hasSize(12);
    }

    @Test
    void afterACornerEverythingIsReadFromTheNewLineOfDance() {
        Score straight = score(placed(TURNING, Way.AS_CHARTED, false), placed(TURNING, Way.AS_CHARTED, false));
        Score round = score(placed(TURNING, Way.AS_CHARTED, true), placed(TURNING, Way.AS_CHARTED, false));
        assertThat(alignment(straight.seams().get(0)).outcome()).isEqualTo(Outcome.BREAKS);
        assertThat(alignment(round.seams().get(0)).outcome()).isEqualTo(Outcome.HOLDS);
        assertThat(round.placements().get(1).side()).isEqualTo(1);
        assertThat(round.placements().get(1).entry()).isEqualTo(Heading.parse("DW"));
    }

    @Test
    void aFigureIsDancedInPartFinishedOtherwiseAndRepeated() {
        Score score = score(
                placed(TURNING, Way.AS_CHARTED.withSplit("1–3"), false),
                placed(TURNING, Way.AS_CHARTED.withSplit("4–6").withFinish("to LOD"), false),
                placed(TURNING, Way.AS_CHARTED.withRepeats(2), false));
        assertThat(score.placements())
                .extracting(placement -> placement.length().toString())
                .containsExactly("3", "3", "12");
        assertThat(score.seams().get(0).verdict().comparisons())
                .filteredOn(compared -> compared.aspect() == Aspect.ALIGNMENT)
                .allMatch(compared -> compared.outcome() == Outcome.HOLDS);
        assertThat(score.placements().get(1).exit()).isEqualTo(Heading.LINE_OF_DANCE);
        assertThatThrownBy(() -> placed(TURNING, Way.AS_CHARTED.withSplit("7–9"), false))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("7–9");
    }

    @Test
    void anExplicitStartIsTakenAsItStands() {
        Placement placement = Placement.of(Dancing.of(AHEAD, Way.AS_CHARTED)).withStart(Alignment.parse("f W"));
        Score score = score(placement);
        assertThat(score.placements().get(0).entry()).isEqualTo(Heading.WALL);
        assertThat(score.steps().get(0).alignment()).contains(Alignment.parse("f W"));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void noStepLeavesTheGroundItStoodOn(long seed) {
        List<Figure> book = SmallBook.random(8, seed);
        Random random = new Random(seed);
        Placement[] placements = Stream.generate(
                        () -> placed(book.get(random.nextInt(book.size())), Way.AS_CHARTED, random.nextInt(5) == 0))
                .limit(12)
                .toArray(Placement[]::new);
        Score score = score(placements);
        for (Part part : Part.values()) {
            List<ScoreStep> steps =
                    score.steps().stream().filter(step -> step.part() == part).toList();
            for (int i = 1; i < steps.size(); i++) {
                double moved = steps.get(i)
                        .stance()
                        .body()
                        .distanceTo(steps.get(i - 1).stance().body());
                assertThat(moved).as("step %s of the %s", i, part).isLessThan(2);
            }
        }
        assertThat(score.placements()).extracting(ScoredPlacement::onset).isSorted();
        assertThat(score.seams()).hasSize(placements.length - 1);
    }

    @Test
    void aVersionIsLaidBesideAnother() {
        Random random = new Random(7);
        List<Figure> book = SmallBook.random(6, 7);
        for (int i = 0; i < 200; i++) {
            List<Placement> before = new ArrayList<>();
            for (int n = random.nextInt(8); n >= 0; n--) {
                before.add(placed(book.get(random.nextInt(6)), Way.AS_CHARTED, false));
            }
            List<Placement> after = new ArrayList<>(before);
            after.remove(random.nextInt(after.size()));
            after.add(random.nextInt(after.size() + 1), placed(book.get(random.nextInt(6)), Way.AS_CHARTED, true));
            List<RoutineDifference.Line> lines =
                    RoutineDifference.between(routine(before), routine(after)).lines();
            assertThat(lines.stream().flatMap(line -> line.before().stream()))
                    .containsExactlyElementsOf(indices(before));
            assertThat(lines.stream().flatMap(line -> line.after().stream())).containsExactlyElementsOf(indices(after));
            assertThat(lines).filteredOn(RoutineDifference.Line::same).hasSizeGreaterThanOrEqualTo(before.size() - 2);
        }
        assertThat(RoutineDifference.between(routine(List.of()), routine(List.of()))
                        .lines())
                .isEmpty();
    }

    private static List<Integer> indices(List<Placement> placements) {
        return Stream.iterate(0, i -> i + 1).limit(placements.size()).toList();
    }

    private static Comparison alignment(Seam seam) {
        return seam.verdict().comparisons().stream()
                .filter(compared -> compared.aspect() == Aspect.ALIGNMENT)
                .findFirst()
                .orElseThrow();
    }

    private static Placement placed(Figure figure, Way way, boolean corner) {
        Placement placement = Placement.of(Dancing.of(figure, way));
        return corner ? placement.withCornerAfter() : placement;
    }

    private static Score score(Placement... placements) {
        return Score.of(routine(Arrays.asList(placements)));
    }

    private static Routine routine(List<Placement> placements) {
        return new Routine(
                "tried", "Tried", Dances.find("waltz").orElseThrow(), new Tempo(30), Conditions.OPEN, placements);
    }
}
