package fluidframe.core.question;

import fluidframe.core.couple.Part;
import fluidframe.core.text.UnreadableTextException;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names one question for good: asked again it is the same.
 *
 * @param figure the id of the figure it is asked of
 * @param part whose chart
 * @param row which row, from 0; 0 where the whole figure is asked about
 * @param salt decides what is drawn by lot: the other titles, the mistake, the order
 */
public record QuestionKey(QuestionKind kind, String figure, Part part, int row, int salt) {

    private static final Pattern FORM =
            Pattern.compile("([a-z-]{1,40})~([a-z0-9-]{1,120})~(man|lady)~(\\d{1,2})~(\\d{1,9})");

    /** @throws UnreadableTextException if the text is no key */
    public static QuestionKey parse(String text) {
        Matcher matcher = FORM.matcher(text);
        if (!matcher.matches()) {
            throw new UnreadableTextException(text, QuestionSentences.theKeyOfAQuestionSuch());
        }
        return new QuestionKey(
                QuestionKind.LEXICON.read(matcher.group(1).replace('-', ' ')),
                matcher.group(2),
                Part.named(matcher.group(3)).orElseThrow(),
                Integer.parseInt(matcher.group(4)),
                Integer.parseInt(matcher.group(5)));
    }

    @Override
    public String toString() {
        return String.join(
                "~",
                kind.shorthand().replace(' ', '-'),
                figure,
                part.key().toLowerCase(Locale.ROOT),
                String.valueOf(row),
                String.valueOf(salt));
    }
}
