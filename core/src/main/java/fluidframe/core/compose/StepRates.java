package fluidframe.core.compose;

import fluidframe.core.link.Dancing;
import fluidframe.core.link.Repertoire;
import java.util.List;

/**
 * Tells figures with few steps for their time from those with many. A coach means that within a dance: a Quickstep is
 * fuller than a Rumba throughout. So the quarter of all charted figures with the fewest steps for their time is sparse,
 * the quarter with the most is full; where the two quarters meet, because most figures of the dance have the same steps
 * to the bar, only what has fewer or more than those.
 */
public final class StepRates {

    private static final int QUARTERS = 4;

    private final double slow;
    private final double quick;

    public StepRates(Repertoire repertoire) {
        List<Double> rates = repertoire.dancings().stream()
                .filter(dancing -> dancing.way().isAsCharted())
                .map(StepRates::rate)
                .sorted()
                .toList();
        this.slow = rates.isEmpty() ? 0 : rates.get(rates.size() / QUARTERS);
        this.quick = rates.isEmpty() ? 0 : rates.get(rates.size() - 1 - rates.size() / QUARTERS);
    }

    /** How full a figure danced so is. */
    public Fullness of(Dancing dancing) {
        double rate = rate(dancing);
        if (slow == quick) {
            return rate < slow ? Fullness.SPARSE : rate > quick ? Fullness.FULL : Fullness.USUAL;
        }
        return rate <= slow ? Fullness.SPARSE : rate >= quick ? Fullness.FULL : Fullness.USUAL;
    }

    /** Steps of both parts for each beat. */
    private static double rate(Dancing dancing) {
        return dancing.steps() / dancing.length().toDouble();
    }
}
