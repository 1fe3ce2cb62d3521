package fluidframe.core.piece;

import fluidframe.core.dance.Dance;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How fast the beats of a recording may be meant to come. An estimate of a tempo may be half of it or twice as much,
 * and of a waltz a third or three times.
 *
 * @param beatsPerMinute beats
 * @param barsPerMinute bars
 */
public record MeantBeats(double beatsPerMinute, double barsPerMinute) {

    private static final double[] FACTORS = {1, 2, 0.5, 3, 1 / 3.0, 1.5, 2 / 3.0};
    private static final double SLOWEST = 40;
    private static final double FASTEST = 260;
    /** Beats a minute to which most people tap. */
    private static final double USUAL = 110;

    /** What suits the dance comes first; without a dance what is nearest to what people tap to. */
    public static List<MeantBeats> of(double estimated, int beatsPerBar, Optional<Dance> dance) {
        double wanted = dance.map(each -> beatsPerBar
                        * Math.sqrt((double) each.slowest().barsPerMinute()
                                * each.fastest().barsPerMinute()))
                .orElse(USUAL);
        List<MeantBeats> meant = new ArrayList<>();
        for (double factor : FACTORS) {
            double beats = estimated * factor;
            if (beats >= SLOWEST && beats <= FASTEST) {
                meant.add(new MeantBeats(beats, beats / beatsPerBar));
            }
        }
        meant.sort(Comparator.comparingDouble(each -> Math.abs(Math.log(each.beatsPerMinute() / wanted))));
        if (meant.isEmpty()) {
            throw new IllegalArgumentException(PieceSentences.beatsAMinuteExpected14To(estimated));
        }
        return meant;
    }
}
