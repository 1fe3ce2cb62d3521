package fluidframe.app.space;

import fluidframe.core.space.Heading;
import io.swagger.v3.oas.annotations.media.Schema;

/** A heading: its short name, its full name, and degrees from the line of dance, to the left positive. */
@Schema(name = "Heading")
public record HeadingDocument(String name, String wording, double degrees) {

    public static HeadingDocument of(Heading heading) {
        return new HeadingDocument(heading.toString(), heading.wording(), Math.toDegrees(heading.radians()));
    }
}
