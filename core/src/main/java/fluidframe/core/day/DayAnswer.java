package fluidframe.core.day;

import java.util.List;
import java.util.Optional;

/**
 * What came of planning a day.
 *
 * @param plan the earliest end that was found; empty if there is none
 * @param exact whether it is proved that no plan ends earlier, or that there is none at all
 * @param relaxations where there is none: what would each by itself allow one, tried
 */
public record DayAnswer(Optional<DayPlan> plan, boolean exact, List<Relaxation> relaxations) {

    public DayAnswer {
        relaxations = List.copyOf(relaxations);
    }

    /** Something given up, in words, and what is wished then. */
    public record Relaxation(String sentence, DayWish wish) {}
}
