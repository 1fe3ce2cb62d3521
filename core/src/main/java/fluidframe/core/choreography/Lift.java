package fluidframe.core.choreography;

import fluidframe.core.link.Conditions;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Something that can be given up of a brief.
 *
 * @param kind what it is
 * @param id the figure or amalgamation it is about; empty if about none
 * @param bars by how many bars it becomes longer, or shorter if less than 0
 * @param title what the figure or the level is called, for people
 */
public record Lift(Kind kind, Optional<String> id, int bars, String title) {

    /** In the order in which a coach gives things up. */
    public enum Kind {
        CORNERS,
        LENGTH,
        BENDS,
        REQUIRED_AMALGAMATION,
        REQUIRED_FIGURE,
        ENDING,
        OPENING,
        LEVEL,
        FLOOR
    }

    static Lift of(Kind kind) {
        return new Lift(kind, Optional.empty(), 0, "");
    }

    static Lift longer(int bars) {
        return new Lift(Kind.LENGTH, Optional.empty(), bars, "");
    }

    static Lift without(Kind kind, String id, String title) {
        return new Lift(kind, Optional.of(id), 0, title);
    }

    /** "add 2 bars". */
    public String wording() {
        return switch (kind) {
            case CORNERS -> ChoreographySentences.anyCorners();
            case LENGTH -> bars > 0 ? ChoreographySentences.addBars(bars) : ChoreographySentences.takeBarsAway(-bars);
            case BENDS -> ChoreographySentences.allowSeamsThatBend();
            case REQUIRED_AMALGAMATION -> ChoreographySentences.withoutTheAmalgamation(title);
            case REQUIRED_FIGURE -> ChoreographySentences.withoutTheFigure(title);
            case ENDING -> ChoreographySentences.anyEnding();
            case OPENING -> ChoreographySentences.anyOpening();
            case LEVEL -> ChoreographySentences.allowTheLevel(title);
            case FLOOR -> ChoreographySentences.ignoreTheFloor();
        };
    }

    /** The brief with that given up. */
    Brief appliedTo(Brief brief) {
        return switch (kind) {
            case CORNERS -> brief.withCorners(Optional.empty());
            case LENGTH ->
                brief.withWish(brief.wish()
                        .withLength(
                                brief.wish()
                                        .least()
                                        .plus(brief.wish().music().bar().times(bars)),
                                brief.wish()
                                        .most()
                                        .plus(brief.wish().music().bar().times(bars))));
            case BENDS -> brief.withWish(brief.wish().withBends(true));
            case REQUIRED_AMALGAMATION -> brief.withRequiredGroups(without(brief.requiredGroups(), id.orElseThrow()));
            case REQUIRED_FIGURE ->
                brief.withWish(brief.wish().withRequired(without(brief.wish().required(), id.orElseThrow())));
            case ENDING ->
                brief.withWish(brief.wish().withTaste(brief.wish().taste().withAnyEnd()));
            case OPENING ->
                brief.withWish(brief.wish().withTaste(brief.wish().taste().withAnyOpening()));
            case LEVEL -> brief;
            case FLOOR -> brief.withOnFloor(false);
        };
    }

    /** @param raised the conditions with the next level allowed */
    Conditions appliedTo(Conditions conditions, Conditions raised) {
        return kind == Kind.LEVEL ? raised : conditions;
    }

    private static Set<String> without(Set<String> ids, String id) {
        return ids.stream().filter(other -> !other.equals(id)).collect(Collectors.toSet());
    }
}
