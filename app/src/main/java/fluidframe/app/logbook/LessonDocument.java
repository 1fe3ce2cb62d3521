package fluidframe.app.logbook;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.problems.Faults;
import fluidframe.app.storage.PlainDocument;
import fluidframe.core.practice.LessonPart;
import fluidframe.core.practice.LessonPlanner;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;

/**
 * A lesson as it is planned.
 *
 * @param couple the id of those who are taught
 * @param date written 2026-12-05
 * @param time written 18:30
 * @param routine the id of the routine in work; absent for none
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Lesson")
public record LessonDocument(
        @NotNull(message = "an id") String id,

        @Schema(maxLength = Faults.LONGEST_NAME) @NotNull(message = "a title")
        String title,

        @NotNull(message = "a couple") String couple,
        @NotNull(message = "a date") String date,
        @NotNull(message = "a time") String time,

        @Schema(minimum = "" + LessonPlanner.SHORTEST, maximum = "" + LessonPlanner.LONGEST)
        @NotNull(message = "minutes")
        Integer minutes,

        String routine,
        @Size(max = 400, message = "at most 400 letters") String aim,

        @JsonInclude @NotNull(message = "parts") @Size(max = 60, message = "at most 60 parts")
        List<@Valid @NotNull(message = "a part") LessonPartDocument> parts)
        implements PlainDocument {

    /** A part of a lesson: how long, what is practised in it if it is one thing, and why. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "LessonPart")
    public record LessonPartDocument(
            @NotNull(message = "a title") @Size(max = 400, message = "at most 400 letters")
            String title,

            @Schema(minimum = "0", maximum = "" + LessonStore.LONGEST_PART) @NotNull(message = "minutes")
            Integer minutes,

            @Size(max = 600, message = "at most 600 letters")
            String subject,

            @Size(max = 1000, message = "at most 1000 letters")
            String why) {

        static LessonPartDocument of(LessonPart part) {
            return new LessonPartDocument(
                    part.title(),
                    part.minutes(),
                    part.subject().map(Object::toString).orElse(null),
                    part.why());
        }
    }

    @Override
    public LessonDocument called(String otherId, String otherTitle) {
        return new LessonDocument(otherId, otherTitle, couple, date, time, minutes, routine, aim, parts);
    }

    /** The same lesson on another day, with nothing planned for it yet. */
    LessonDocument repeated(String otherId, LocalDate day) {
        return new LessonDocument(otherId, title, couple, day.toString(), time, minutes, routine, aim, List.of());
    }
}
