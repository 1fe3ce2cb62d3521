package fluidframe.app.people;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The name of somebody who is erased, wherever it stands: whole in whatever capitals, and each of its words by itself
 * where that can be nobody and nothing else. A word that somebody else is called by, or a figure or a dance, stays; one
 * that is an ordinary word too goes only where it begins with a capital. A name of one word that is an ordinary one
 * cannot be told from it, and stays.
 */
final class ErasedName {

    private static final String NOBODY = "erased";
    private static final int SHORTEST_WORD = 3;
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");

    private final List<String> whole;
    private final Set<String> alone;
    private final Set<String> ordinary;

    /**
     * @param taken words that are somebody else's or a figure's name, in small letters
     * @param ordinary words that are in the texts of the book, in small letters
     */
    ErasedName(String name, Set<String> taken, Set<String> ordinary) {
        this.whole = words(name);
        this.alone = whole.stream()
                .filter(word -> word.length() >= SHORTEST_WORD
                        && !taken.contains(word)
                        && (whole.size() > 1 || !ordinary.contains(word)))
                .collect(Collectors.toSet());
        this.ordinary = ordinary;
    }

    /** The words of a text, in small letters. */
    static List<String> words(String text) {
        return Arrays.stream(BETWEEN_WORDS.split(text))
                .filter(word -> !word.isEmpty())
                .map(word -> word.toLowerCase(Locale.ROOT))
                .toList();
    }

    /**
     * What a text must have in it, in small letters, one of them, for the name to be in it; nothing, if nobody could
     * tell it from something else.
     */
    List<String> traces() {
        List<String> traces = new ArrayList<>(alone);
        if (whole.size() > 1 && !alone.contains(whole.get(0))) {
            traces.add(whole.get(0));
        }
        return traces;
    }

    /** The text without the name. */
    String outOf(String text) {
        StringBuilder left = new StringBuilder();
        int at = 0;
        while (at < text.length()) {
            int end = wordEnd(text, at);
            if (end == at) {
                left.append(text.charAt(at++));
                continue;
            }
            int nameEnd = wholeEnd(text, at);
            boolean said = nameEnd > at || isAlone(text.substring(at, end));
            left.append(said ? NOBODY : text.substring(at, end));
            at = Math.max(end, nameEnd);
        }
        return left.toString();
    }

    /** Whether an id is made of it. */
    boolean isIn(String id) {
        return !outOf(id.replace('-', ' ')).equals(id.replace('-', ' '));
    }

    /** In an id it stands with an s, where a title has an apostrophe. */
    private boolean isAlone(String word) {
        String said = word.toLowerCase(Locale.ROOT);
        String small = !alone.contains(said) && said.endsWith("s") ? said.substring(0, said.length() - 1) : said;
        return alone.contains(small) && (!ordinary.contains(small) || Character.isUpperCase(word.charAt(0)));
    }

    /** Where the whole name ends that begins here; here, if it does not. */
    private int wholeEnd(String text, int from) {
        if (whole.size() < 2) {
            return from;
        }
        int at = from;
        for (int i = 0; i < whole.size(); i++) {
            int begin = i == 0 ? at : nextWord(text, at);
            int end = wordEnd(text, begin);
            if (end == begin
                    || !text.substring(begin, end).toLowerCase(Locale.ROOT).equals(whole.get(i))) {
                return from;
            }
            at = end;
        }
        return at;
    }

    private static int nextWord(String text, int from) {
        int at = from;
        while (at < text.length() && !Character.isLetterOrDigit(text.charAt(at)) && at - from < SHORTEST_WORD) {
            at++;
        }
        return at;
    }

    private static int wordEnd(String text, int from) {
        int at = from;
        while (at < text.length() && Character.isLetterOrDigit(text.charAt(at))) {
            at++;
        }
        return at;
    }
}
