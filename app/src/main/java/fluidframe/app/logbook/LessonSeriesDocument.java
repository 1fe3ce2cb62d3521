package fluidframe.app.logbook;

import fluidframe.app.problems.RefusedException;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A lesson that is repeated on the same day of the week. What is practised is planned for the first; the others are
 * planned when it is known what is due by then.
 *
 * @param lesson the first
 * @param every how many weeks lie between two
 * @param times how many there are in all
 */
@Schema(name = "LessonSeries")
record LessonSeriesDocument(
        @NotNull(message = "a lesson") @Valid LessonDocument lesson,

        @Schema(minimum = "1", maximum = "" + LessonSeriesDocument.MOST_WEEKS) @NotNull(message = "weeks")
        Integer every,

        @Schema(minimum = "2", maximum = "" + LessonSeriesDocument.MOST_TIMES) @NotNull(message = "how often")
        Integer times) {

    static final int MOST_WEEKS = 8;
    static final int MOST_TIMES = 60;

    /** @throws RefusedException if it is repeated too seldom or too often, or begins on no day */
    List<LessonDocument> lessons() {
        if (every < 1 || every > MOST_WEEKS) {
            throw RefusedException.of("/every", String.valueOf(every), LogbookSentences.toWeeks(MOST_WEEKS));
        }
        if (times < 2 || times > MOST_TIMES) {
            throw RefusedException.of("/times", String.valueOf(times), LogbookSentences.toTimes(MOST_TIMES));
        }
        LocalDate first = firstDay();
        return IntStream.range(0, times)
                .mapToObj(i -> i == 0
                        ? lesson
                        : lesson.repeated(lesson.id() + "-" + (i + 1), first.plusWeeks((long) every * i)))
                .toList();
    }

    private LocalDate firstDay() {
        try {
            return LocalDate.parse(lesson.date());
        } catch (DateTimeException e) {
            throw RefusedException.of("/lesson/date", lesson.date(), LogbookSentences.aDateSuchAs202612());
        }
    }
}
