package fluidframe.app.events;

import fluidframe.app.problems.Revision;
import fluidframe.core.day.DayPlan;
import fluidframe.core.day.PlannedRound;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** A day in the iCalendar format: every round and every warm-up, in the time of its place. */
final class EventCalendar {

    private EventCalendar() {}

    /**
     * @param event planned
     * @param revision which version of it, so that a calendar replaces the older one
     */
    static String of(Event event, Revision revision) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Fluid Frame//Event//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        DayPlan plan = event.plan().orElseThrow();
        for (DayPlan.WarmUp warmUp : plan.warmUps()) {
            String couples = warmUp.couples().stream().map(event.names()::get).collect(Collectors.joining(", "));
            calendar.add(entry(
                    event,
                    revision,
                    "warm-up-" + warmUp.before().round().id(),
                    warmUp.start(),
                    warmUp.before().start(),
                    EventsSentences.warmUpFor(warmUp.before().round().title()),
                    couples,
                    warmUp.before()));
        }
        for (PlannedRound planned : plan.rounds()) {
            calendar.add(entry(
                    event,
                    revision,
                    planned.round().id(),
                    planned.start(),
                    planned.end(),
                    planned.round().title(),
                    heats(planned, event.names()),
                    planned));
        }
        return written(calendar);
    }

    /** With its lines folded, as the format has it. */
    private static String written(Calendar calendar) {
        try (StringWriter written = new StringWriter()) {
            new CalendarOutputter(false).output(calendar, written);
            return written.toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A text whose lines end as lines do: one that ends otherwise would end a line of the file. */
    private static String plain(String text) {
        return text.replace("\r\n", "\n").replace('\r', '\n');
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

    private static VEvent entry(
            Event event,
            Revision revision,
            String id,
            int start,
            int end,
            String title,
            String description,
            PlannedRound planned) {
        LocalDateTime day = event.date().atStartOfDay();
        VEvent entry = new VEvent(day.plusMinutes(start), day.plusMinutes(end), plain(title));
        entry.add(new Uid(event.document().id() + "-" + id + "@fluidframe"));
        entry.add(new Sequence((int) revision.number()));
        String place = event.document().place() == null ? "" : event.document().place() + ", ";
        entry.add(new Location(plain(place + planned.round().floor())));
        entry.add(new Description(plain(description)));
        return entry;
    }
}
