package fluidframe.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.Charts;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Chart;
import fluidframe.core.space.Point;
import fluidframe.core.time.Tempo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How far a step goes. Metres, seconds, bars a minute. */
class StepsTest {

    private static final double STEP = 0.65;
    private static final double EXACT = 1e-9;

    /** A step is as long as it is charted, but no faster than 2.2 m a second. */
    @ParameterizedTest
    @CsvSource({
        "fwd, 1, 0.65, 0",
        "bk, 1, -0.65, 0",
        "fwd small, 1, 0.3575, 0",
        "fwd long, 1, 0.8775, 0",
        "fwd, 0.3, 0.65, 0",
        "fwd, 0.29, 0.638, 0",
        "fwd, 0.1, 0.22, 0",
        "sd, 1, 0, 0.52",
        "diag fwd, 1, 0.459619408, 0.459619408",
        "tap fwd, 1, 0.3575, 0"
    })
    void aStepReachesAsFarAsItIsCharted(String position, double seconds, double ahead, double aside) {
        Point reach = ((Stride.Travelling) stride(position, seconds)).reach();
        assertThat(reach.x()).isCloseTo(ahead, within(1e-6));
        assertThat(reach.y()).isCloseTo(aside, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"cl, 0, 0.14", "XF, 0.15, -0.05", "XB, -0.15, -0.05", "cl sl fwd, 0.12, 0.14"})
    void aClosingFootLandsBesideTheOther(String position, double ahead, double aside) {
        Point place = ((Stride.Closing) stride(position, 1)).beside();
        assertThat(place.x()).isCloseTo(ahead, within(EXACT));
        assertThat(place.y()).isCloseTo(aside, within(EXACT));
    }

    /** By the cube root of the time, and by no more than a quarter. */
    @ParameterizedTest
    @CsvSource({"29, 1", "26, 1.037070", "15, 1.245763", "14, 1.25", "1, 1.25", "68, 0.752713", "69, 0.75", "400, 0.75"
    })
    void stepsGrowWithTheTimeThereIs(int tempo, double scale) {
        Dance waltz = Dances.find("waltz").orElseThrow();
        assertThat(StepLengths.of(waltz, new Tempo(tempo), Dancers.USUAL).man())
                .isCloseTo(waltz.stepLength() * scale, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"1.75, 1", "2.1, 1.2", "0.9, 0.514285714"})
    void stepsGrowWithTheDancer(double height, double scale) {
        Dance waltz = Dances.find("waltz").orElseThrow();
        StepLengths lengths = StepLengths.of(waltz, new Tempo(29), new Dancers(height, 1.75));
        assertThat(lengths.man()).isCloseTo(waltz.stepLength() * scale, within(1e-6));
        assertThat(lengths.lady()).isCloseTo(waltz.stepLength(), within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.9, 2.3})
    void dancersAreAsTallAsPeople(double height) {
        assertThat(new Dancers(height, height).man()).isEqualTo(height);
        double outside = height < 1 ? height - 0.01 : height + 0.01;
        assertThatThrownBy(() -> new Dancers(outside, 1.7)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Dancers(1.7, outside)).isInstanceOf(IllegalArgumentException.class);
    }

    /** The left foot's way from the right, looking along x. */
    private static Stride stride(String position, double seconds) {
        Chart chart = Charts.read(Charts.figure(
                        "waltz",
                        "1",
                        Charts.rows("1|LF|" + position + "|f LOD", "2|RF|sd", "3|LF|cl"),
                        Charts.rows("1|RF|bk|b LOD", "2|LF|sd", "3|RF|cl")))
                .man();
        return new Walker(STEP, 0)
                .stride(chart.steps().get(0), chart.turnAccount().entries().get(0), seconds);
    }
}
