package fluidframe.app.routines;

import fluidframe.core.link.VerdictSentence;
import fluidframe.core.routine.LooseSeam;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Locale;

/**
 * A seam that does not hold: whether it bends or breaks; the passage it comes after, from 0; the bar the next begins
 * in, from 1; what is danced on both sides, and why.
 */
@Schema(name = "LooseSeam")
public record LooseSeamDocument(String outcome, int after, int bar, String before, String next, String reason) {

    public static LooseSeamDocument of(LooseSeam seam) {
        return new LooseSeamDocument(
                seam.verdict().outcome().name().toLowerCase(Locale.ROOT),
                seam.after(),
                seam.bar(),
                seam.before(),
                seam.next(),
                VerdictSentence.of(seam.verdict()));
    }
}
