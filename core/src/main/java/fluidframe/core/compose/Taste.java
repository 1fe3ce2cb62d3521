package fluidframe.core.compose;

import fluidframe.core.link.Repertoire;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What makes a composition one that a coach would put on a floor. Everything here is asked for unless it is lifted.
 *
 * @param opens whether a routine begins with a figure that can open one
 * @param closes whether it ends with one that can close it
 * @param wholeFigures whether parts of figures are danced only where coaches use them
 * @param cornersInPlace whether corners are turned only where a side of the room has been danced, and some of the
 *     routine is still to come
 * @param requiredWhole whether a required figure is danced whole
 * @param mostInAll how often a figure may come in all
 * @param notThrice whether no figure comes three times running, but for its own repeats
 */
@RecordBuilder
public record Taste(
        boolean opens,
        boolean closes,
        boolean wholeFigures,
        boolean cornersInPlace,
        boolean requiredWhole,
        int mostInAll,
        boolean notThrice)
        implements TasteBuilder.With {

    private static final int BARS_EACH = 8;
    private static final int ALWAYS = 2;

    /** Anything that holds. */
    public static final Taste FREE = new Taste(false, false, false, false, false, Integer.MAX_VALUE, false);

    /**
     * What is usual for so many bars: a figure twice, in long routines once for every eight bars; where a dance has so
     * few figures that they could not fill it so, twice as often as they must come.
     */
    public static Taste of(int bars, Repertoire repertoire) {
        double available = repertoire.dancings().stream()
                .filter(dancing -> dancing.way().isAsCharted())
                .mapToDouble(dancing -> dancing.length().toDouble()
                        / dancing.danced().rhythm().bar().toDouble())
                .sum();
        int must = available == 0 ? 0 : (int) Math.ceil(2 * bars / available);
        return new Taste(
                true,
                true,
                true,
                true,
                true,
                Math.max(Math.max(ALWAYS, must), (bars + BARS_EACH - 1) / BARS_EACH),
                true);
    }

    public Taste withAnyOpening() {
        return withOpens(false);
    }

    public Taste withAnyEnd() {
        return withCloses(false);
    }

    public Taste withParts() {
        return withWholeFigures(false);
    }

    public Taste withWholeFigures() {
        return withWholeFigures(true);
    }

    public Taste withCornersAnywhere() {
        return withCornersInPlace(false);
    }

    public Taste withPartsOfRequired() {
        return withRequiredWhole(false);
    }

    public Taste withThrice() {
        return withNotThrice(false);
    }
}
