package fluidframe.core.phrase;

import fluidframe.core.step.SupportNote;
import fluidframe.core.text.Token;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * "Heel, toe", "inside edge of ball, flat", "toe heel with toe of the other foot released", in the words of both
 * schools.
 */
public final class FootworkPhrasing implements Phrasing {

    private static final Pattern LETTERS = Pattern.compile("[htbf]{1,5}");

    private static final Phrasebook<String> BOOK = new Phrasebook<String>()
            .terms(List.of(SupportNote.values()), SupportNote::shorthand)
            .say("H", "heel|heels (lead) (of) (foot|rf|lf)", "heel lead")
            .say("T", "toe|toes (of) (foot|rf|lf)", "toe lead")
            .say("B", "ball|balls (of) (foot|rf|lf|feet)")
            .say("F", "flat (of) (foot)", "foot flat", "lower to flat")
            .say("WF", "whole (foot)", "flat foot", "wf", "full foot")
            .say("IE WF", "inside edge of (the) foot")
            .say("IE", "inside|inner edge|edges (of)", "ie", "i e", "i / e")
            .say("OE", "outside|outer edge (of)", "oe", "o e", "o / e")
            .say("tr", "toe released|release (of) (lf|rf|other|the) (foot)", "toe of (the) lf|rf|other (foot) released")
            .say("hr", "heel released|release", "heel of (the) lf|rf|other (foot) released")
            .say(
                    "sh",
                    "standing|supporting heel (lowers|lowering|lowered|down)",
                    "heel of (the) standing|supporting foot (lowers|lowering|lowered|down)")
            .say("press", "pressure|pressed|pressing (into) (floor)", "pressing")
            .say("B H", "ball heel")
            .say(Terms.IGNORED, "foot|feet|lead|leading|rf|lf|part|roll|rolling|lower|lowering|through|onto");

    private static final List<String> NOTES = List.of("tr", "hr", "sh", "press");

    @Override
    public List<String> nearest(String word) {
        return BOOK.nearest(word, Function.identity());
    }

    @Override
    public Reading read(String text, Situation situation) {
        Sentence<String> sentence = Sentence.read(text, BOOK, FootworkPhrasing::letters);
        List<String> said = sentence.meanings().stream()
                .filter(piece -> !piece.equals(Terms.IGNORED))
                .toList();
        List<String> contacts =
                said.stream().filter(piece -> !NOTES.contains(piece)).toList();
        boolean ends = !contacts.isEmpty() && contacts.get(contacts.size() - 1).endsWith("E");
        if (contacts.isEmpty() || ends) {
            return new Reading(List.of(), false, sentence.leftovers());
        }
        String footwork = contacts.stream().collect(Collectors.joining(" "))
                + said.stream()
                        .filter(NOTES::contains)
                        .distinct()
                        .map(note -> " " + note)
                        .collect(Collectors.joining());
        return Reading.sure(footwork, sentence.leftovers());
    }

    /** "HT", "tht": each letter a part of the foot. */
    private static Optional<String> letters(Token token) {
        return LETTERS.matcher(token.word()).matches()
                ? Optional.of(token.word().toUpperCase(Locale.ROOT))
                : Optional.empty();
    }
}
