package fluidframe.core.compose;

import fluidframe.core.figure.Figure;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** What a figure mainly does, to be told from what comes before and after it; worked out once for each. */
final class Characters {

    /** A quarter to one side over the whole figure is a turn to that side. */
    private static final int TURNING = 4;

    /** Turning to one side, or neither. */
    enum Character {
        TURNS_LEFT,
        TURNS_RIGHT,
        GOES_STRAIGHT
    }

    /**
     * What counts of a figure for its contrast to others.
     *
     * @param character what it mainly does; empty for nothing that is known, to which anything is a contrast
     * @param piece whether it lasts no longer than a bar
     */
    record Kind(Optional<Character> character, boolean piece) {

        static final Kind ANY = new Kind(Optional.empty(), false);

        /** Two pieces of one bar never are a contrast, however they turn. */
        boolean contrasts(Kind next) {
            return character.isEmpty() || !(piece && next.piece) && !character.equals(next.character);
        }
    }

    private final Map<String, Kind> known = new HashMap<>();

    Kind of(Figure figure) {
        return known.computeIfAbsent(
                figure.id(),
                id -> new Kind(
                        Optional.of(told(figure)),
                        figure.length().compareTo(figure.dance().rhythm().bar()) <= 0));
    }

    private static Character told(Figure figure) {
        int turned = figure.man().turnAccount().net().sixteenths();
        return turned >= TURNING
                ? Character.TURNS_LEFT
                : turned <= -TURNING ? Character.TURNS_RIGHT : Character.GOES_STRAIGHT;
    }
}
