package fluidframe.core.question;

import fluidframe.core.notation.Column;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.lang3.StringUtils;

/**
 * What somebody says when asked, who speaks in sentences and not in cells: "she looks down the line of dance", "the
 * left one", "there is none", "no idea". It is first read as it is; {@link #plain} is what is left of it when the words
 * that only make it a sentence are gone.
 */
final class SpokenAnswer {

    private static final Pattern NOT_A_LETTER = Pattern.compile("[^a-z]+");
    private static final Pattern BETWEEN = Pattern.compile("[\\s,;:.!?]+");
    private static final Pattern APOSTROPHE = Pattern.compile("['’`]");
    private static final Pattern LEADING_FOOT = Pattern.compile(
            "^(?:the |his |her |my |their )?(?:(?:left|right) foot|[lr]f)(?![a-z])(?! (?:on|in|as) )\\s*(?=\\S)");
    private static final Pattern SLIGHTLY =
            Pattern.compile("(?<![a-z])a (?:little|(?:tiny |little )?bit|touch)(?![a-z])(?! step)");
    private static final Pattern SMALL_STEP = Pattern.compile("(?<![a-z])(?:little|tiny|short) step(?![a-z])");

    private static final Set<String> GIVING_UP = Set.of(
            "i dont know",
            "dont know",
            "i do not know",
            "dunno",
            "i dunno",
            "no idea",
            "i have no idea",
            "ive no idea",
            "not sure",
            "im not sure",
            "i am not sure",
            "no clue",
            "i have no clue",
            "havent a clue",
            "i havent a clue",
            "i forget",
            "i forgot",
            "i have forgotten",
            "ive forgotten",
            "cant remember",
            "i cant remember",
            "i dont remember",
            "dont remember",
            "i cannot remember",
            "i cant say",
            "cant say",
            "pass",
            "skip",
            "skip it",
            "next",
            "tell me",
            "idk",
            "no answer",
            "i give up",
            "give up");

    private static final Set<String> NEGATIONS = Set.of(
            "no", "none", "nothing", "not", "isnt", "arent", "doesnt", "dont", "nil", "zero", "without", "never",
            "nowhere");
    private static final Set<String> ABOUT_NOTHING = Set.of(
            "there", "is", "are", "any", "at", "all", "it", "he", "she", "they", "does", "do", "has", "have", "the",
            "a", "move", "moves", "moving", "of", "on", "this", "that", "step", "here", "one", "turn", "turning",
            "turns", "sway", "swaying", "rise", "rising", "i", "think");

    private static final Set<String> ONLY_SAID = Set.of(
            "i",
            "think",
            "guess",
            "believe",
            "reckon",
            "maybe",
            "probably",
            "perhaps",
            "id",
            "say",
            "it",
            "its",
            "is",
            "she",
            "he",
            "they",
            "theyre",
            "shes",
            "hes",
            "well",
            "um",
            "uh",
            "er",
            "erm",
            "so",
            "just",
            "one",
            "would",
            "be",
            "thats",
            "that",
            "are",
            "am",
            "first",
            "please",
            "must",
            "should",
            "will",
            "does",
            "do");
    private static final Map<String, String> SAID_FOR = Map.ofEntries(
            Map.entry("looks", "facing"),
            Map.entry("look", "facing"),
            Map.entry("looking", "facing"),
            Map.entry("faces", "facing"),
            Map.entry("face", "facing"),
            Map.entry("backs", "backing"),
            Map.entry("points", "pointing"));
    private static final Set<String> MOVING = Set.of(
            "goes",
            "go",
            "going",
            "steps",
            "stepping",
            "moves",
            "moving",
            "takes",
            "taking",
            "puts",
            "putting",
            "lands",
            "landing",
            "comes",
            "coming",
            "dances",
            "placed",
            "places",
            "starts",
            "with");
    private static final Map<Column, Set<String>> OF_COLUMN = Map.of(
            Column.TURN, Set.of("turns", "turn", "turning", "turned", "rotates", "makes", "make", "by"),
            Column.SWAY, Set.of("sways", "sway", "swaying", "leans", "leaning"),
            Column.FOOTWORK, Set.of("the", "then", "on", "onto", "footwork"),
            Column.ALIGNMENT, Set.of("has", "her", "his", "their"),
            Column.FOOT_POSITION, Set.of("brings", "bring", "brought"),
            Column.FOOT, Set.of("free"));

    private SpokenAnswer() {}

    /** Whether whoever is asked does not know it. */
    static boolean givesUp(String answer) {
        String letters = letters(answer);
        return GIVING_UP.contains(letters)
                || answer.strip().chars().allMatch(letter -> letter == '?')
                || letters.endsWith(" sorry") && GIVING_UP.contains(letters.substring(0, letters.length() - 6))
                || letters.startsWith("sorry ") && GIVING_UP.contains(letters.substring(6));
    }

    /** Whether the answer is that there is nothing of what is asked for. */
    static boolean isNone(String answer) {
        List<String> words = List.of(letters(answer).split(" "));
        return words.stream().anyMatch(NEGATIONS::contains)
                && words.stream().allMatch(word -> NEGATIONS.contains(word) || ABOUT_NOTHING.contains(word));
    }

    /** What is said of a column's cell, without the words around it; empty where nothing else is left. */
    static Optional<String> plain(Column column, String answer) {
        String said = SMALL_STEP
                .matcher(SLIGHTLY.matcher(lower(answer)).replaceAll("slightly"))
                .replaceAll("small step");
        if (column == Column.FOOT_POSITION) {
            said = LEADING_FOOT.matcher(said).replaceFirst("");
        }
        Set<String> dropped = OF_COLUMN.getOrDefault(column, Set.of());
        List<String> kept = new ArrayList<>();
        for (String word : BETWEEN.split(said)) {
            if (!word.isEmpty() && !ONLY_SAID.contains(word) && !MOVING.contains(word) && !dropped.contains(word)) {
                kept.add(SAID_FOR.getOrDefault(word, word));
            }
        }
        if (column == Column.RISE && !kept.isEmpty() && kept.get(0).equals("down")) {
            kept.set(0, "lowers");
        }
        String plain = String.join(" ", kept);
        if (column == Column.FOOT_POSITION) {
            plain = LEADING_FOOT.matcher(plain).replaceFirst("");
            plain = little(plain);
        }
        return Optional.of(plain).filter(left -> !left.isEmpty());
    }

    /** A little in one direction is a small step; "side and slightly forward" is said as it is written. */
    private static String little(String said) {
        String direction = StringUtils.removeEnd(StringUtils.removeStart(said, "slightly "), " slightly");
        return direction.equals(said) || direction.contains("slightly") || direction.contains(" and ")
                ? said
                : "small step " + direction;
    }

    /** Whether only a small step was said, and not where to. */
    static boolean isOnlySmall(String plain) {
        return plain.equals("small step") || plain.equals("a small step");
    }

    private static String lower(String text) {
        return APOSTROPHE.matcher(text.strip().toLowerCase(Locale.ROOT)).replaceAll("");
    }

    private static String letters(String text) {
        return Arrays.stream(NOT_A_LETTER.split(lower(text)))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.joining(" "));
    }
}
