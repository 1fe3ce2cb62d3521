package fluidframe.core.standing;

import java.util.List;
import java.util.OptionalDouble;

/**
 * How a routine stands against one rule.
 *
 * @param found what the routine has
 * @param measured the same as a number where the rule limits one: seconds or bars
 * @param wanted what the rule asks
 * @param places where it breaks the rule, in the order danced; empty where it concerns the whole
 */
public record Ruling(Rule rule, Stand stand, String found, OptionalDouble measured, String wanted, List<Place> places) {

    public Ruling {
        places = List.copyOf(places);
    }

    /** Of a rule that does not limit a number. */
    public Ruling(Rule rule, Stand stand, String found, String wanted, List<Place> places) {
        this(rule, stand, found, OptionalDouble.empty(), wanted, places);
    }
}
