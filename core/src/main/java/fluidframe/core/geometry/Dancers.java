package fluidframe.core.geometry;

import fluidframe.core.couple.Part;

/**
 * How tall the couple are. Steps grow with the dancer.
 *
 * @param man metres
 * @param lady metres
 */
public record Dancers(double man, double lady) {

    /** The height for which the dances' step lengths are given. */
    public static final double USUAL_HEIGHT = 1.75;

    public static final double SHORTEST = 0.9;
    public static final double TALLEST = 2.3;
    public static final Dancers USUAL = new Dancers(USUAL_HEIGHT, USUAL_HEIGHT);

    /** @throws IllegalArgumentException if one of them is shorter than a child of four or taller than anybody dances */
    public Dancers {
        if (!(man >= SHORTEST && man <= TALLEST && lady >= SHORTEST && lady <= TALLEST)) {
            throw new IllegalArgumentException(GeometrySentences.dancersOfMAndMExpected(man, lady, SHORTEST, TALLEST));
        }
    }

    public double of(Part part) {
        return part == Part.MAN ? man : lady;
    }
}
