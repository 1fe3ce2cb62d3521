package fluidframe.core.question;

import fluidframe.core.notation.RowDraft;
import java.util.List;

/**
 * A question with a single right answer.
 *
 * @param prompt what is asked, in a sentence
 * @param rows what is shown of a chart; nothing if it is empty
 * @param expected the right answer
 * @param explanation why it is right; of several offered, why each of the others is not
 */
public record Question(
        QuestionKey key, String prompt, List<RowDraft> rows, Expected expected, List<String> explanation) {

    public Question {
        rows = List.copyOf(rows);
        explanation = List.copyOf(explanation);
    }
}
