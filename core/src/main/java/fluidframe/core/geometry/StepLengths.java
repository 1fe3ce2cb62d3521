package fluidframe.core.geometry;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.time.Tempo;

/**
 * How long an ordinary forward step is, metres. It grows with the dancer's height, and a little with the time there is
 * for it: by the cube root, so that a tempo ten per cent slower makes steps three per cent longer. Nobody's steps
 * change by more than a quarter.
 *
 * @param man his
 * @param lady hers
 */
public record StepLengths(double man, double lady) {

    private static final double LEAST = 0.75;
    private static final double MOST = 1.25;

    /** At the dance's own tempo, for dancers of the usual height. */
    public static StepLengths of(Dance dance) {
        return new StepLengths(dance.stepLength(), dance.stepLength());
    }

    public static StepLengths of(Dance dance, Tempo tempo, Dancers dancers) {
        double usual = (dance.slowest().barsPerMinute() + dance.fastest().barsPerMinute()) / 2.0;
        double scale = dance.stepLength() * Math.max(LEAST, Math.min(MOST, Math.cbrt(usual / tempo.barsPerMinute())));
        return new StepLengths(
                scale * dancers.man() / Dancers.USUAL_HEIGHT, scale * dancers.lady() / Dancers.USUAL_HEIGHT);
    }

    public double of(Part part) {
        return part == Part.MAN ? man : lady;
    }
}
