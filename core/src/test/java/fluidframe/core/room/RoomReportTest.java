package fluidframe.core.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.SmallBook;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Outcome;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Obstacle;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.Score;
import fluidframe.core.space.Point;
import fluidframe.core.time.Tempo;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RoomReportTest {

    private static final Placement WALK =
            Placement.of(Dancing.of(SmallBook.walk("ahead", "RF", "LOD", ""), Way.AS_CHARTED));
    private static final Placement TURN = Placement.of(Dancing.of(SmallBook.turning("turning"), Way.AS_CHARTED));

    @Test
    void aRoomThatIsLongEnoughIsNotHit() {
        Routine routine = routine(Collections.nCopies(6, WALK));
        RoomReport roomy = RoomReport.of(Score.of(routine.on(Floor.of(30, 11, true))));
        assertThat(roomy.collisions()).isEmpty();
        assertThat(roomy.sides()).singleElement().satisfies(side -> {
            assertThat(side.used()).isBetween(2.0, 8.0);
            assertThat(side.there()).isCloseTo(30 - 4.4, within(1e-9));
        });
        assertThat(roomy.distance()).isGreaterThanOrEqualTo(roomy.sides().get(0).used());
        RoomReport tight = RoomReport.of(Score.of(routine.on(new Floor(5, 11, new Point(2.5, 2.2), List.of()))));
        assertThat(tight.collisions()).extracting(Collision::what).contains("the wall of side 2");
        assertThat(tight.collisions().get(0).bar()).isGreaterThan(1);
        assertThat(tight.collisions()).allMatch(Collision::wall);
    }

    /**
     * Begun as far from the walls as it says, the routine fits the room it says; in one that is a hand shorter it does
     * not.
     */
    @Test
    void theLeastFloorIsTheLeast() {
        Routine routine = routine(List.of(TURN, TURN, WALK, WALK, WALK, TURN));
        RoomReport report = RoomReport.of(Score.of(routine.on(new Floor(60, 60, new Point(30, 30), List.of()))));
        double length = Math.max(Floor.SMALLEST, report.length());
        assertThat(fitsSomewhere(routine, length + 0.03)).isTrue();
        assertThat(fitsSomewhere(routine, length - 0.1)).isFalse();
    }

    private static boolean fitsSomewhere(Routine routine, double length) {
        return IntStream.range(0, (int) (length * 100))
                .mapToObj(centimetres -> new Floor(length, 60, new Point(centimetres / 100.0, 30), List.of()))
                .anyMatch(floor ->
                        RoomReport.of(Score.of(routine.on(floor))).collisions().isEmpty());
    }

    @Test
    void obstaclesAreHitWhereTheyStand() {
        Routine routine = routine(Collections.nCopies(6, WALK));
        Floor blocked = new Floor(18, 11, new Point(2.5, 2.2), List.of(new Obstacle("piano", 5, 1, 1, 3)));
        assertThat(RoomReport.of(Score.of(routine.on(blocked))).collisions())
                .extracting(Collision::what)
                .contains("piano");
        assertThatThrownBy(() -> new Floor(18, 11, new Point(2.5, 2.2), List.of(new Obstacle("piano", 17.5, 1, 1, 3))))
                .hasMessageContaining("piano reaches beyond");
        assertThatThrownBy(() -> new Floor(0, 11, Point.ORIGIN, List.of()))
                .hasMessageContaining("expected 4 m to 100 m");
        assertThatThrownBy(() -> new Floor(18, 11, new Point(19, 1), List.of())).hasMessageContaining("not on a floor");
    }

    @Test
    void whoWalkRoundEachOtherCircle() {
        RoomReport report = RoomReport.of(Score.of(routine(List.of(Placement.of(Element.of(ElementKind.ROUND, 9))))));
        assertThat(report.circles()).singleElement().satisfies(circle -> {
            assertThat(circle.man()).isCloseTo(circle.lady(), within(0.15));
            assertThat(circle.placement()).isZero();
        });
        assertThat(RoomReport.of(Score.of(routine(List.of(WALK)))).circles()).isEmpty();
        assertThat(new Circle(0, Point.ORIGIN, 0.2, 0.8).inside()).contains(Part.MAN);
    }

    @Test
    void aCornerIsProposedOnlyWhereItCanBeDanced() {
        Routine routine = routine(List.of(TURN, TURN, WALK)).on(new Floor(6, 11, new Point(2.5, 2.2), List.of()));
        Score score = Score.of(routine);
        List<CornerProposal> corners = RoomReport.of(score).corners();
        assertThat(corners).isNotEmpty().allSatisfy(corner -> {
            assertThat(corner.verdict().outcome()).isNotEqualTo(Outcome.BREAKS);
            List<Placement> turned = new ArrayList<>(routine.placements());
            turned.set(corner.after(), turned.get(corner.after()).withCornerAfter());
            assertThat(Score.of(routine(turned))
                            .seams()
                            .get(corner.after())
                            .verdict()
                            .outcome())
                    .isEqualTo(corner.verdict().outcome());
        });
    }

    private static Routine routine(List<Placement> placements) {
        return new Routine(
                "tried", "Tried", Dances.find("waltz").orElseThrow(), new Tempo(29), Conditions.OPEN, placements);
    }
}
