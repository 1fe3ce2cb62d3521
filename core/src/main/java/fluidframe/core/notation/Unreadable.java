package fluidframe.core.notation;

import fluidframe.core.text.UnreadableTextException;

import java.util.List;

/**
 * A text that could not be read.
 *
 * @param place    where it stands
 * @param text     what stands there
 * @param expected what was expected there
 * @param nearest  the nearest things it could have been
 */
public record Unreadable(Place place, String text, String expected, List<String> nearest) {

    static Unreadable of(Place place, UnreadableTextException e) {
        return new Unreadable(place, e.text(), e.expected(), e.nearest());
    }

    /** One sentence for people. */
    public String sentence() {
        String said = text.isEmpty() ? "nothing" : "\"" + text + "\"";
        return place.wording() + ": found " + said + ", expected " + expected
                + (nearest.isEmpty() ? "" : " (perhaps " + String.join(", ", nearest) + ")");
    }
}
