package fluidframe.core.link;

import fluidframe.core.figure.Way;
import fluidframe.core.space.Heading;
import java.util.List;
import java.util.Optional;

/**
 * Something that mends a link, proved by the verdict it leads to.
 *
 * @param kind what is changed
 * @param label what it does, for a button
 * @param before how the figure before is danced then
 * @param after how the figure after is danced then
 * @param start the heading the figure after starts on then; empty for the nearest
 * @param corner whether a corner is turned between them then
 * @param between what is danced between them then
 * @param verdict the verdict on the last link of it
 */
public record Repair(
        Kind kind,
        String label,
        Way before,
        Way after,
        Optional<Heading> start,
        boolean corner,
        List<Item> between,
        Verdict verdict) {

    /**
     * What is changed, in the order in which a coach would try it: the figure that the syllabus lists between the two;
     * a short figure of their level; another way of the same two; a corner; a chain of figures; last an element, which
     * stops the dance.
     */
    public enum Kind {
        LISTED,
        SHORT,
        ENTRY,
        FINISH,
        START,
        SPLIT,
        REPEATS,
        TIMING,
        OTHER_FOOT,
        CORNER,
        BRIDGE,
        ELEMENT
    }
}
