package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.time.Count;

/** Another count for the same rows. */
public record NamedTiming(String name, Count man, Count lady) {

    public Count count(Part part) {
        return part == Part.MAN ? man : lady;
    }
}
