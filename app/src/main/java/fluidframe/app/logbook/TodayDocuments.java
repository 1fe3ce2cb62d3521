package fluidframe.app.logbook;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.logbook.LessonDocument.LessonPartDocument;
import fluidframe.core.figure.Figure;
import fluidframe.core.practice.Due;
import fluidframe.core.practice.DueSentence;
import fluidframe.core.practice.LessonPlanner;
import fluidframe.core.practice.PracticeItem;
import fluidframe.core.practice.Subject;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;

/** What is answered when it is asked what is due. */
final class TodayDocuments {

    private TodayDocuments() {}

    /**
     * Something that is due, and why.
     *
     * @param title the figure, the seam or the posture
     * @param detail a fault, where it happens and what it is; empty otherwise
     * @param figure the id of the figure it is practised in; empty for none
     * @param dance the id of its dance; empty for none
     * @param percent how likely it is to be had now
     * @param also what else is due in the same figure, in words
     */
    @Schema(name = "Due")
    record DueDocument(
            String subject,
            String title,
            String detail,
            String figure,
            String dance,
            String stage,
            int percent,
            List<String> reasons,
            List<String> also) {

        static DueDocument of(PracticeItem item, Map<String, Figure> figures) {
            Due due = item.first();
            Figure figure = due.subject().figure().map(figures::get).orElse(null);
            boolean isFault = due.subject() instanceof Subject.Fault;
            String title = isFault
                    ? SubjectTitles.of(figures).apply(due.subject().figure().orElseThrow())
                    : due.subject().wording(SubjectTitles.of(figures));
            String detail = isFault ? beside(due.subject(), figures) : "";
            return new DueDocument(
                    due.subject().toString(),
                    title,
                    detail,
                    due.subject().figure().orElse(""),
                    figure == null ? "" : figure.dance().id(),
                    due.stage().shorthand(),
                    (int) Math.round(due.recall() * 100),
                    DueSentence.of(due),
                    item.also().stream()
                            .filter(other -> !(other.subject() instanceof Subject.Whole))
                            .map(other -> beside(other.subject(), figures))
                            .distinct()
                            .toList());
        }

        /** Beside its figure a fault needs only its place, and the figure from beginning to end its title. */
        private static String beside(Subject subject, Map<String, Figure> figures) {
            return subject instanceof Subject.Fault fault
                    ? fault.place() + ": " + fault.words()
                    : subject.wording(SubjectTitles.of(figures));
        }
    }

    /** The next event of a couple. */
    @Schema(name = "NextEvent")
    record NextEventDocument(String title, String date, int days) {}

    /** What is due for a couple: the most urgent, how many more, and the events ahead. */
    @Schema(name = "CoupleToday")
    record CoupleTodayDocument(
            String couple, String title, int dueInAll, List<DueDocument> due, List<NextEventDocument> events) {}

    /**
     * The lessons of a day, and what is due for everybody.
     *
     * @param order how what is due is put in order, a sentence for each rule
     */
    @Schema(name = "Today")
    record TodayDocument(
            String date, List<LessonDocument> lessons, List<CoupleTodayDocument> couples, List<String> order) {}

    /** A lesson that is to be planned: for whom, how long, and for which routine; absent for the first in work. */
    @Schema(name = "LessonPlanQuestion")
    record LessonPlanQuestionDocument(
            @NotNull(message = "a couple") String couple,

            @Schema(minimum = "" + LessonPlanner.SHORTEST, maximum = "" + LessonPlanner.LONGEST)
            @NotNull(message = "minutes")
            Integer minutes,

            String routine,
            String date,
            String zone) {}

    /** What a figure of a couple has come to. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "FigureProgress")
    record FigureProgressDocument(
            String figure,
            String title,
            String dance,
            String stage,
            int percent,
            int times,
            String first,
            String last,
            List<GradeDocument> grades) {}

    /** How it went on a day. */
    @Schema(name = "DayGrade")
    record GradeDocument(String date, String grade) {}

    /** A fault and how often it was seen; whether it keeps coming back. */
    @Schema(name = "FaultProgress")
    record FaultProgressDocument(
            String subject,
            String title,
            String kind,
            int seen,
            int looked,
            String first,
            String last,
            boolean comesBack) {}

    /** How many faults of a kind were seen in a month, written 2026-11. */
    @Schema(name = "FaultMonth")
    record FaultMonthDocument(String kind, String month, int seen) {}

    /** How questions of one kind were answered by one of them; by all where nobody is named. */
    @Schema(name = "AnswerProgress")
    record AnswerProgressDocument(String person, String kind, int asked, int right, int nearly) {}

    /** Figures from first shown to secure, faults over time, and how questions were answered. */
    @Schema(name = "CoupleProgress")
    record CoupleProgressDocument(
            String couple,
            String title,
            List<FigureProgressDocument> figures,
            List<FaultProgressDocument> faults,
            List<FaultMonthDocument> months,
            List<AnswerProgressDocument> answers) {}

    /** The stages of one figure, in the order of the couples. */
    @Schema(name = "ProgressRow")
    record ProgressRowDocument(String figure, String title, String dance, List<String> stages) {}

    /**
     * Figures by couples: the ids and titles of the couples, and a row for each figure that any of them has been shown.
     */
    @Schema(name = "ProgressTable")
    record ProgressTableDocument(List<String> couples, List<String> titles, List<ProgressRowDocument> rows) {}

    /** A lesson of a term. */
    @Schema(name = "TermLesson")
    record TermLessonDocument(String date, List<TermSubjectDocument> subjects) {}

    /** What is practised in it. */
    @Schema(name = "TermSubject")
    record TermSubjectDocument(String subject, String title) {

        static TermSubjectDocument of(Subject subject, Map<String, Figure> figures) {
            return new TermSubjectDocument(subject.toString(), subject.wording(SubjectTitles.of(figures)));
        }
    }

    /** What will not hold on the day even so. */
    @Schema(name = "TermLeft")
    record TermLeftDocument(String subject, String title, int percent, String why) {}

    /** The lessons until an event, and what does not fit. */
    @Schema(name = "Term")
    record TermDocument(String event, String date, List<TermLessonDocument> lessons, List<TermLeftDocument> left) {}

    /**
     * The parts of a lesson that was planned, what is warned of in it once, and what is asked before it is given to
     * beginners; empty for nothing.
     */
    @Schema(name = "LessonPlan")
    record LessonPlanDocument(
            String title, String routine, List<LessonPartDocument> parts, List<String> cautions, String asks) {}
}
