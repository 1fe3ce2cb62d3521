package fluidframe.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.Charts;
import fluidframe.core.figure.Figure;
import fluidframe.core.space.Point;
import fluidframe.core.time.Timing;
import org.junit.jupiter.api.Test;

class CoupleFitTest {

    @Test
    void theNaturalTurnStaysInHoldAndTheOutsideStepsLonger() {
        Figure figure = Charts.read(Charts.naturalTurn());
        Timing man = figure.man().timing(figure.dance().rhythm(), figure.length());
        Timing lady = figure.lady().timing(figure.dance().rhythm(), figure.length());
        CoupleStances track = CoupleFit.solve(figure, man, lady);
        for (int row = 0; row < 6; row++) {
            assertThat(track.man()
                            .get(row)
                            .body()
                            .distanceTo(track.lady().get(row).body()))
                    .as("after step %s", row + 1)
                    .isBetween(0.25, 0.35);
        }
        double his = length(
                track.man().get(0).right().at(), track.man().get(1).left().at());
        double hers = length(
                track.lady().get(0).left().at(), track.lady().get(1).right().at());
        assertThat(his).as("he is outside on 2").isGreaterThan(1.5 * hers);
    }

    private static double length(Point from, Point to) {
        return from.distanceTo(to);
    }
}
