package fluidframe.app.problems;

import fluidframe.core.audit.Finding;
import fluidframe.core.notation.Unreadable;
import java.util.List;

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
        return new Fault(
                place,
                text,
                expected,
                ProblemsSentences.foundNothingExpected(PlaceWords.of(place), text.isEmpty(), text, expected),
                List.of());
    }

    /** The same of a part of something larger. */
    public Fault within(String root) {
        if (root.isEmpty()) {
            return this;
        }
        String here = PlaceWords.of(place);
        String said = !here.isEmpty() && sentence.startsWith(here)
                ? PlaceWords.of(root + place) + sentence.substring(here.length())
                : PlaceWords.of(root) + ": " + sentence;
        return new Fault(root + place, found, expected, said, nearest);
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
