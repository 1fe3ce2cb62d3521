package fluidframe.core.choreography;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Obstacle;
import fluidframe.core.space.Point;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StandTest {

    private static final Floor HALL = new Floor(18, 11, new Point(2.5, 2.2), List.of());

    @ParameterizedTest
    @CsvSource({"2.5, 2.2, 0, 2.5, 2.2", "15, 4, 1, 4, 3", "15, 9, 2, 3, 2", "2, 9, 3, 2, 2"})
    void looksAlongTheSideThatIsDanced(double x, double y, int side, double along, double across) {
        Stand stand = Stand.at(new Point(x, y), side, HALL);
        assertEquals(along, stand.along(), 1e-9);
        assertEquals(across, stand.across(), 1e-9);
        assertEquals(new Point(x, y), stand.place(HALL));
    }

    @ParameterizedTest
    @CsvSource({"0", "1", "2", "3"})
    void staysWhereItIsWhenACornerIsTurned(int side) {
        Point place = new Point(7, 3);
        Stand turned = Stand.at(place, side, HALL).roundCorner(HALL);
        assertEquals(side + 1, turned.side());
        assertEquals(place.x(), turned.place(HALL).x(), 1e-9);
        assertEquals(place.y(), turned.place(HALL).y(), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"4, 0, true", "15.2, 0, false", "4, -1.9, false", "4, 8.5, false"})
    void keepsBothBodiesFromTheWalls(double along, double across, boolean clear) {
        Stand stand = Stand.at(HALL.start(), 0, HALL);
        Leg leg = Leg.of(List.of(new Point(along, across)), new Point(along, across));
        assertEquals(clear, stand.hasRoomFor(leg, HALL, 0.1));
    }

    @ParameterizedTest
    @CsvSource({"6, 2.2, false", "6, 6, true"})
    void goesRoundWhatStandsThere(double x, double y, boolean clear) {
        Floor pillar = new Floor(18, 11, HALL.start(), List.of(new Obstacle("Pillar", 5.8, 2, 0.5, 0.5)));
        Stand stand = Stand.at(new Point(2.5, y), 0, pillar);
        Leg leg = Leg.of(List.of(new Point(x - 2.5, 0)), new Point(x - 2.5, 0));
        if (clear) {
            assertTrue(stand.hasRoomFor(leg, pillar, 0.1));
        } else {
            assertFalse(stand.hasRoomFor(leg, pillar, 0.1));
        }
    }
}
