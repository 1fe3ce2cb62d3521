package fluidframe.app.calendar;

import fluidframe.app.problems.Revision;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
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
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file in the iCalendar format (RFC 5545), whose times are those of the place. */
public final class CalendarFile {

    public static final String TYPE = "text/calendar";

    private final Calendar calendar = new Calendar();

    /** @param of what it is a calendar of, for whoever reads the file */
    public CalendarFile(String of) {
        calendar.add(new ProdId("-//Fluid Frame//" + of + "//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
    }

    /**
     * Something that takes place.
     *
     * @param id by which a calendar knows it again
     * @param revision by which a calendar replaces an older one
     * @param place empty for none
     */
    public void add(
            String id,
            Revision revision,
            LocalDateTime start,
            LocalDateTime end,
            String title,
            String place,
            String description) {
        VEvent entry = new VEvent(start, end, plain(title));
        entry.add(new Uid(id + "@fluidframe"));
        entry.add(new Sequence((int) revision.number()));
        if (!place.isEmpty()) {
            entry.add(new Location(plain(place)));
        }
        entry.add(new Description(plain(description)));
        calendar.add(entry);
    }

    /** A text whose lines end as lines do: one that ends otherwise would end a line of the file. */
    private static String plain(String text) {
        return text.replace("\r\n", "\n").replace('\r', '\n');
    }

    /** The file, its lines folded as the format has it, to be saved under a name. */
    public ResponseEntity<String> answer(String name) {
        try (StringWriter written = new StringWriter()) {
            new CalendarOutputter(false).output(calendar, written);
            return ResponseEntity.ok()
                    .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                    .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".ics\"")
                    .body(written.toString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
