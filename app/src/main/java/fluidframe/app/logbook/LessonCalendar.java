package fluidframe.app.logbook;

import fluidframe.app.calendar.CalendarFile;
import fluidframe.app.storage.StoredPlainDocument;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Lessons as a calendar has them, with what is planned for each. */
final class LessonCalendar {

    private LessonCalendar() {}

    /** @param couples the titles of the couples by their ids */
    static CalendarFile of(List<StoredPlainDocument<LessonDocument>> lessons, Map<String, String> couples) {
        CalendarFile calendar = new CalendarFile("Lessons");
        for (StoredPlainDocument<LessonDocument> stored : lessons) {
            LessonDocument lesson = stored.document();
            LocalDateTime start = LocalDate.parse(lesson.date()).atTime(LocalTime.parse(lesson.time()));
            calendar.add(
                    lesson.id(),
                    stored.revision(),
                    start,
                    start.plusMinutes(lesson.minutes()),
                    couples.getOrDefault(lesson.couple(), lesson.title()),
                    "",
                    lesson.parts().stream()
                            .map(part -> LogbookSentences.partOfMinutes(part.title(), part.minutes()))
                            .collect(Collectors.joining("\n")));
        }
        return calendar;
    }
}
