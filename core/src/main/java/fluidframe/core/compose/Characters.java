package fluidframe.core.compose;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.TurnAccount;
import java.util.HashMap;
import java.util.Map;

/** What a figure mainly does, to be told from what comes before and after it; worked out once for each. */
final class Characters {

    /** A quarter to one side over the whole figure is a turn to that side. */
    private static final int TURNING = 4;

    /** Turning to one side, or neither. */
    enum Character {
        TURNS_LEFT, TURNS_RIGHT, GOES_STRAIGHT
    }

    private final Map<String, Character> known = new HashMap<>();

    Character of(Figure figure) {
        return known.computeIfAbsent(figure.id(), id -> told(figure));
    }

    private static Character told(Figure figure) {
        int turned = 0;
        for (TurnAccount.Entry entry : figure.man().turnAccount().entries()) {
            turned += entry.before().turnTo(entry.after()).sixteenths();
        }
        return turned >= TURNING ? Character.TURNS_LEFT : turned <= -TURNING ? Character.TURNS_RIGHT : Character.GOES_STRAIGHT;
    }
}
