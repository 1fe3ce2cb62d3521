package fluidframe.app.routines;

import fluidframe.core.routine.BrokenSeam;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * A seam that breaks: the passage it comes after, from 0; the bar the next begins in, from 1; what is danced on both
 * sides, and why it breaks.
 */
@Schema(name = "BrokenSeam")
public record BrokenSeamDocument(int after, int bar, String before, String next, String reason) {

    public static BrokenSeamDocument of(BrokenSeam seam) {
        return new BrokenSeamDocument(seam.after(), seam.bar(), seam.before(), seam.next(), seam.reason());
    }
}
