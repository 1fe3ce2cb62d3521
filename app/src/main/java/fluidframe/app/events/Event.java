package fluidframe.app.events;

import fluidframe.app.events.EventDocument.EventCoupleDocument;
import fluidframe.core.day.DayPlan;
import fluidframe.core.day.DayWish;
import fluidframe.core.rules.Division;
import fluidframe.core.rules.Profile;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * An event as it was read.
 *
 * @param wish what its day must keep to, with the rounds that somebody dances
 * @param plan the plan it was sent with
 * @param divisions the division of each round, by the round's id
 */
public record Event(
        EventDocument document,
        Profile profile,
        LocalDate date,
        DayWish wish,
        Optional<DayPlan> plan,
        Map<String, Division> divisions) {

    public Event {
        divisions = Map.copyOf(divisions);
    }

    /** How each couple is called, by its id. */
    public Map<String, String> names() {
        return document.couples().stream()
                .collect(Collectors.toMap(EventCoupleDocument::id, EventCoupleDocument::title));
    }
}
