package fluidframe.app.problems;

import fluidframe.core.audit.Finding;
import fluidframe.core.notation.Unreadable;

import java.util.List;

/**
 * One thing that is wrong with what was sent.
 *
 * @param place    JSON pointer to it
 * @param found    what stands there
 * @param expected what was expected there
 * @param sentence both in one sentence
 * @param nearest  what it could have been
 */
public record Fault(String place, String found, String expected, String sentence, List<String> nearest) {

    /**
     * @param found null or empty where nothing stands there
     */
    public static Fault of(String place, String found, String expected) {
        String text = found == null ? "" : found;
        return new Fault(place, text, expected, place + ": found " + (text.isEmpty() ? "nothing" : "\"" + text + "\"") + ", expected " + expected, List.of());
    }

    public static Fault of(String root, Unreadable unreadable) {
        return new Fault(root + unreadable.place().pointer(), unreadable.text(), unreadable.expected(), unreadable.sentence(), unreadable.nearest());
    }

    public static Fault of(String root, Finding finding) {
        return new Fault(root + finding.place().pointer(), finding.stated(), finding.reckoned(),
                finding.rule() + ": " + finding.sentence(), List.of());
    }
}
