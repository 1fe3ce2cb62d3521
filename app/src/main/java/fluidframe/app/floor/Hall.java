package fluidframe.app.floor;

import fluidframe.core.dance.Dance;
import fluidframe.core.routine.Floor;

/** The room everything is danced in: 18 m by 11 m. */
public final class Hall {

    private static final double LENGTH = 18;
    private static final double WIDTH = 11;

    private Hall() {
    }

    public static Floor floor(Dance dance) {
        return Floor.of(LENGTH, WIDTH, dance.travels());
    }
}
