package fluidframe.core.choreography;

import java.util.List;

/**
 * What came of a brief.
 *
 * @param answers the best first, each of another character, none with a wall or an obstacle in its way where it must
 *     have room
 * @param stopped whether the search was ended before it was through
 */
public record Choreographies(List<Choreography> answers, boolean stopped) {

    public Choreographies {
        answers = List.copyOf(answers);
    }
}
