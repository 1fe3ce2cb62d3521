package fluidframe.core.standing;

import java.util.List;

/**
 * How a routine stands against one rule.
 *
 * @param found what the routine has
 * @param wanted what the rule asks
 * @param places where it breaks the rule, in the order danced; empty where it concerns the whole
 */
public record Ruling(Rule rule, Stand stand, String found, String wanted, List<Place> places) {

    public Ruling {
        places = List.copyOf(places);
    }
}
