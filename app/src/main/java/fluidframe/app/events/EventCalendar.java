package fluidframe.app.events;

import fluidframe.app.calendar.CalendarFile;
import fluidframe.app.problems.Revision;
import fluidframe.core.day.DayPlan;
import fluidframe.core.day.PlannedRound;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A day as a calendar has it: every round and every warm-up, in the time of its place. */
final class EventCalendar {

    private EventCalendar() {}

    /**
     * @param event planned
     * @param revision which version of it, so that a calendar replaces the older one
     */
    static CalendarFile of(Event event, Revision revision) {
        CalendarFile calendar = new CalendarFile("Event");
        DayPlan plan = event.plan().orElseThrow();
        for (DayPlan.WarmUp warmUp : plan.warmUps()) {
            String couples = warmUp.couples().stream().map(event.names()::get).collect(Collectors.joining(", "));
            add(
                    calendar,
                    event,
                    revision,
                    "warm-up-" + warmUp.before().round().id(),
                    warmUp.start(),
                    warmUp.before().start(),
                    EventsSentences.warmUpFor(warmUp.before().round().title()),
                    couples,
                    warmUp.before());
        }
        for (PlannedRound planned : plan.rounds()) {
            add(
                    calendar,
                    event,
                    revision,
                    planned.round().id(),
                    planned.start(),
                    planned.end(),
                    planned.round().title(),
                    heats(planned, event.names()),
                    planned);
        }
        return calendar;
    }

    private static String heats(PlannedRound planned, Map<String, String> names) {
        return String.join(", ", planned.round().dances()) + "\n"
                + IntStream.range(0, planned.heats().size())
                        .mapToObj(heat -> "Heat " + (heat + 1) + ": "
                                + planned.heats().get(heat).stream()
                                        .map(names::get)
                                        .collect(Collectors.joining(", ")))
                        .collect(Collectors.joining("\n"));
    }

    private static void add(
            CalendarFile calendar,
            Event event,
            Revision revision,
            String id,
            int start,
            int end,
            String title,
            String description,
            PlannedRound planned) {
        LocalDateTime day = event.date().atStartOfDay();
        String place = event.document().place() == null ? "" : event.document().place() + ", ";
        calendar.add(
                event.document().id() + "-" + id,
                revision,
                day.plusMinutes(start),
                day.plusMinutes(end),
                title,
                place + planned.round().floor(),
                description);
    }
}
