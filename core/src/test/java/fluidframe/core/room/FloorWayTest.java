package fluidframe.core.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.SmallBook;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineKind;
import fluidframe.core.routine.Score;
import fluidframe.core.space.Point;
import fluidframe.core.time.Tempo;
import java.util.List;
import org.junit.jupiter.api.Test;

class FloorWayTest {

    private static final Placement WALK =
            Placement.of(Dancing.of(SmallBook.walk("ahead", "RF", "LOD", ""), Way.AS_CHARTED));
    private static final Placement TURN = Placement.of(Dancing.of(SmallBook.turning("turning"), Way.AS_CHARTED));

    @Test
    void whatIsLeftOutOfTheDrawnWayIsNowhereFarOff() {
        Score turning = Score.of(routine(List.of(WALK, TURN, TURN, WALK, TURN)));
        List<Point> drawn = RoomReport.of(turning).way().points();
        List<CouplePath.Spot> walked = new CouplePath(turning).spots();
        assertThat(drawn.get(0)).isEqualTo(walked.get(0).centre());
        assertThat(drawn.get(drawn.size() - 1))
                .isEqualTo(walked.get(walked.size() - 1).centre());
        assertThat(walked)
                .allSatisfy(spot -> assertThat(distance(spot.centre(), drawn)).isCloseTo(0, within(0.2 + 1e-9)));
    }

    @Test
    void anEmptyRoutineHasNoWayAndIsForCompetitionsUntilSomebodySaysOtherwise() {
        Routine empty = routine(List.of());
        assertThat(RoomReport.of(Score.of(empty)).way().points()).isEmpty();
        assertThat(RoutineKind.of(empty)).isEqualTo(RoutineKind.COMPETITION);
    }

    @Test
    void halfABarAMinuteOffTheRangeIsStillUsual() {
        assertThat(Dances.find("foxtrot").orElseThrow())
                .matches(dance -> dance.isUsualAt(27.5) && dance.isUsualAt(30.5))
                .matches(dance -> !dance.isUsualAt(27.4) && !dance.isUsualAt(31));
        assertThat(routine(List.of()).hasUsualTempo()).isTrue();
    }

    private static double distance(Point point, List<Point> drawn) {
        double least = Double.MAX_VALUE;
        for (int i = 1; i < drawn.size(); i++) {
            Point from = drawn.get(i - 1);
            Point to = drawn.get(i);
            for (int piece = 0; piece <= 1000; piece++) {
                double share = piece / 1000.0;
                least = Math.min(
                        least,
                        point.distanceTo(new Point(
                                from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y()))));
            }
        }
        return least;
    }

    private static Routine routine(List<Placement> placements) {
        return new Routine(
                        "r", "Routine", Dances.find("waltz").orElseThrow(), new Tempo(29), Conditions.OPEN, placements)
                .on(new Floor(60, 60, new Point(30, 30), List.of()));
    }
}
