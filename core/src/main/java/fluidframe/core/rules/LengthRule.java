package fluidframe.core.rules;

import java.util.Optional;

/**
 * How long it lasts.
 *
 * @param seconds from the first step of a figure to the last
 * @param bars the same in bars
 * @param entry the most seconds to come on and begin, before the first figure
 * @param exit the most seconds after the last figure
 */
public record LengthRule(Limits seconds, Limits bars, Optional<Double> entry, Optional<Double> exit) {

    public static final LengthRule FREE = new LengthRule(Limits.NONE, Limits.NONE, Optional.empty(), Optional.empty());
}
