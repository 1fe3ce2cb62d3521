package fluidframe.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class CurveTest {

    @Test
    void passesThroughItsKeysAndStaysBetweenThem() {
        Random random = new Random(7);
        for (int curves = 0; curves < 200; curves++) {
            double[] times = new double[8];
            double[] values = new double[8];
            for (int i = 0; i < times.length; i++) {
                times[i] = (i == 0 ? 0 : times[i - 1]) + 0.05 + random.nextDouble();
                values[i] = random.nextInt(4);
            }
            Curve curve = Curve.through(times, values);
            for (int i = 0; i < times.length; i++) {
                assertThat(curve.at(times[i])).isEqualTo(values[i]);
            }
            for (int i = 1; i < times.length; i++) {
                for (double share = 0; share <= 1; share += 0.05) {
                    double value = curve.at(times[i - 1] + share * (times[i] - times[i - 1]));
                    assertThat(value)
                            .isBetween(
                                    Math.min(values[i - 1], values[i]) - 1e-9,
                                    Math.max(values[i - 1], values[i]) + 1e-9);
                }
            }
        }
    }

    @Test
    void standsStillBeforeAndAfter() {
        Curve curve = Curve.through(new double[] {1, 2}, new double[] {3, 5});
        assertThat(curve.at(-10)).isEqualTo(3);
        assertThat(curve.at(10)).isEqualTo(5);
        assertThat(curve.at(1.5)).isCloseTo(4, within(1e-9));
    }

    @Test
    void timeGoesOn() {
        assertThatThrownBy(() -> Curve.through(new double[] {0, 2, 2}, new double[] {1, 2, 3}))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("key 2 at 2.0 does not come after");
        assertThatThrownBy(() -> Curve.through(new double[0], new double[0]))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
