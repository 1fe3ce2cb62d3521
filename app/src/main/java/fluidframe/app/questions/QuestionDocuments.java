package fluidframe.app.questions;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.figures.FigureDocument.RowDocument;
import fluidframe.app.figures.FigureMapper;
import fluidframe.core.question.Expected;
import fluidframe.core.question.Mark;
import fluidframe.core.question.Question;
import fluidframe.core.question.Questions;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;

/** What goes in and out when questions are asked. */
final class QuestionDocuments {

    private QuestionDocuments() {}

    /**
     * What is to be asked.
     *
     * @param dance the id of a dance
     * @param highest the level of the hardest figures; any if absent
     * @param part whose steps; either's if absent
     * @param kinds what of a figure; anything if absent
     * @param figures of which figures, by id; of any if absent
     * @param count how many questions
     * @param seed the same seed asks the same; absent for 0
     * @param weakOf the id of a couple: what they know least comes first; absent to ask of everything alike
     */
    @Schema(name = "QuestionWish")
    record QuestionWishDocument(
            @NotNull(message = "a dance") String dance,
            String highest,
            String part,
            @Size(max = 20, message = "at most 20 kinds") List<@NotNull(message = "a kind of question") String> kinds,

            @Size(max = 1000, message = "at most 1000 figures")
            List<@NotNull(message = "a figure's id") String> figures,

            @Schema(minimum = "1", maximum = "" + Questions.MOST_IN_A_SET) @NotNull(message = "how many questions")
            Integer count,

            Long seed,
            String weakOf) {}

    /** How an answer is given: in words, as one of several, as a step, as an order. */
    private static String formOf(Expected expected) {
        return expected instanceof Expected.Chosen
                ? "option"
                : expected instanceof Expected.Located
                        ? "step"
                        : expected instanceof Expected.Ordered ? "order" : "words";
    }

    /**
     * A question: its key, what is asked, what of a chart is shown, what may be chosen, and the answer with its
     * reasons; where a row is asked for, which one it is, from 0.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    @Schema(name = "Question")
    record QuestionDocument(
            String key,
            String kind,
            String figure,
            String prompt,
            String form,
            List<RowDocument> rows,
            List<String> options,
            String answer,
            Integer row,
            List<String> explanation) {

        static QuestionDocument of(Question question) {
            List<String> options = question.expected() instanceof Expected.Chosen chosen ? chosen.options() : List.of();
            return new QuestionDocument(
                    question.key().toString(),
                    question.key().kind().shorthand(),
                    question.key().figure(),
                    question.prompt(),
                    formOf(question.expected()),
                    question.rows().stream().map(FigureMapper::row).toList(),
                    options,
                    question.expected().wording(),
                    question.expected() instanceof Expected.Located located ? located.row() : null,
                    question.explanation());
        }
    }

    /** Questions of one dance; fewer than wanted where there is no more to ask. */
    @Schema(name = "QuestionSet")
    record QuestionSetDocument(String dance, long seed, List<QuestionDocument> questions) {}

    /** An answer to a question, as it was typed or said. */
    @Schema(name = "QuestionAnswer")
    record AnswerDocument(
            @NotNull(message = "the key of a question") String key,

            @NotNull(message = "an answer") @Size(max = 500, message = "at most 500 letters")
            String answer) {}

    /**
     * How good an answer is (right, nearly, wrong, or unread where it was not understood), what is said to it, and the
     * question with its answer.
     */
    @Schema(name = "Mark")
    record MarkDocument(String outcome, String sentence, QuestionDocument question) {

        static MarkDocument of(Mark mark, Question question) {
            return new MarkDocument(
                    mark.outcome().name().toLowerCase(Locale.ROOT), mark.sentence(), QuestionDocument.of(question));
        }
    }

    /** A kind of question. */
    @Schema(name = "QuestionKind")
    record KindDocument(String kind, String wording) {}
}
