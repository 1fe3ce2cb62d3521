package fluidframe.app.problems;

import fluidframe.core.audit.Finding;
import fluidframe.core.notation.PlaceWords;
import fluidframe.core.notation.Unreadable;
import java.util.List;
import org.apache.commons.lang3.StringUtils;

/**
 * One thing that is wrong with what was sent.
 *
 * @param place JSON pointer to it
 * @param found what stands there
 * @param expected what was expected there
 * @param sentence both in one sentence
 * @param nearest what it could have been
 */
public record Fault(String place, String found, String expected, String sentence, List<String> nearest) {

    /** Of what was sent no more is said again. */
    private static final int LONGEST_TEXT = 120;

    private static final int LONGEST_SENTENCE = 1_000;

    public Fault {
        place = shortened(place, LONGEST_SENTENCE);
        found = shortened(found, LONGEST_TEXT);
        expected = shortened(expected, LONGEST_SENTENCE);
        sentence = shortened(sentence, LONGEST_SENTENCE);
        nearest = List.copyOf(nearest);
    }

    private static String shortened(String text, int most) {
        return text != null && text.length() > most ? text.substring(0, most) + "…" : text;
    }

    /** @param found null or empty where nothing stands there */
    public static Fault of(String place, String found, String expected) {
        String text = found == null ? "" : shortened(found, LONGEST_TEXT);
        return new Fault(place, text, expected, sentence(place, text, expected), List.of());
    }

    private static String sentence(String place, String text, String expected) {
        return ProblemsSentences.foundNothingExpected(said(place), text.isEmpty(), text, expected);
    }

    private static String said(String place) {
        return place.startsWith("/") ? StringUtils.capitalize(PlaceWords.of(place)) : place;
    }

    /** The same of a part of something larger. */
    public Fault within(String root) {
        if (root.isEmpty()) {
            return this;
        }
        String whole = root + place;
        String said = sentence.equals(sentence(place, found, expected))
                ? sentence(whole, found, expected)
                : ProblemsSentences.inPlace(said(root), sentence);
        return new Fault(whole, found, expected, said, nearest);
    }

    public static Fault of(String root, Unreadable unreadable) {
        return new Fault(
                root + unreadable.place().pointer(),
                unreadable.text(),
                unreadable.expected(),
                unreadable.sentence(),
                unreadable.nearest());
    }

    public static Fault of(String root, Finding finding) {
        return new Fault(
                root + finding.place().pointer(),
                finding.stated(),
                finding.reckoned(),
                finding.rule() + ": " + finding.sentence(),
                List.of());
    }
}
