package fluidframe.core.detour;

import fluidframe.core.link.Item;
import fluidframe.core.time.Beats;
import java.util.List;

/**
 * Something danced instead of a stretch of a routine, so that the couple rejoin it with the right foot, on the right
 * alignment and in the right bar.
 *
 * @param kind what it does
 * @param items what is danced
 * @param rejoins the passage with which the routine goes on
 * @param bar the bar of the music in which it goes on, from 1
 * @param length beats
 * @param metres how far it carries the couple along the side
 * @param sentence all of it, for people
 */
public record Detour(Kind kind, List<Item> items, int rejoins, int bar, Beats length, double metres, String sentence) {

    /** What a couple can do when the way is blocked. */
    public enum Kind {
        WAIT("wait"),
        TURN_OUT("turn out"),
        GO_ROUND("go round");

        private final String wording;

        Kind(String wording) {
            this.wording = wording;
        }

        public String wording() {
            return wording;
        }
    }

    public Detour {
        items = List.copyOf(items);
    }
}
