package fluidframe.app.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.link.Conditions;
import fluidframe.core.question.Expected;
import fluidframe.core.question.Mark.Outcome;
import fluidframe.core.question.Marker;
import fluidframe.core.question.Question;
import fluidframe.core.question.QuestionKey;
import fluidframe.core.question.QuestionWish;
import fluidframe.core.question.Questions;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Questions asked of the shipped book. {@code -Dfluidframe.questions=200} asks so many of each dance. */
class ShippedQuestionsTest {

    private static final int OF_EACH_DANCE = Integer.getInteger("fluidframe.questions", 40);

    static List<Dance> dances() {
        return Dances.all();
    }

    @ParameterizedTest
    @MethodSource("dances")
    void everyQuestionHasASingleRightAnswer(Dance dance) {
        Questions questions = new Questions(ShippedLibrary.repertoire(dance, Conditions.OPEN));
        List<Question> set = questions.set(QuestionWish.ANYTHING, OF_EACH_DANCE, 29);

        assertThat(set).hasSize(OF_EACH_DANCE);
        SoftAssertions.assertSoftly(softly -> set.forEach(question -> {
            softly.assertThat(
                            Marker.mark(question, question.expected().wording()).outcome())
                    .as("%s: %s", question.prompt(), question.expected().wording())
                    .isEqualTo(Outcome.RIGHT);
            otherAnswers(question)
                    .forEach(other -> softly.assertThat(
                                    Marker.mark(question, other).outcome())
                            .as("%s: %s", question.prompt(), other)
                            .isEqualTo(Outcome.WRONG));
            softly.assertThat(questions.ask(QuestionKey.parse(question.key().toString())))
                    .as(question.prompt())
                    .contains(question);
        }));
    }

    /** All that could be answered besides, where that can be listed. */
    private static List<String> otherAnswers(Question question) {
        if (question.expected() instanceof Expected.Chosen chosen) {
            List<String> others = new ArrayList<>(chosen.options());
            others.remove(chosen.right());
            return others;
        }
        if (question.expected() instanceof Expected.Located located) {
            return IntStream.range(0, question.rows().size())
                    .filter(row -> row != located.row())
                    .mapToObj(row -> String.valueOf(row + 1))
                    .toList();
        }
        return List.of();
    }
}
