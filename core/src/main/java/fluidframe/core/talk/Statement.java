package fluidframe.core.talk;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A piece of what was told, that says one thing or several of one step.
 *
 * @param text what it says
 * @param from where it begins in the whole text
 */
record Statement(String text, int from) {

    /** Words that a dot only shortens. */
    private static final Set<String> SHORTENED = Set.of(
            "diag", "sl", "approx", "fwd", "bk", "cont", "comm", "com", "ctr", "opp", "pos", "sd", "cl", "e", "i", "o",
            "no", "nat", "rev", "prog", "eg", "ie");

    /** Longer than anybody speaks without a breath. */
    private static final int MOST_LETTERS = 2_000;

    private static final int LONGEST_LINE_NUMBER = 3;
    private static final Pattern LINE_NUMBER = Pattern.compile(" ?\\d{1,2}");

    int to() {
        return from + text.length();
    }

    /** Sentences, which end with a dot or with their line. */
    static List<Statement> sentences(String text) {
        return split(text, 0, true);
    }

    /** The pieces of a sentence, which end with a semicolon. */
    List<Statement> pieces() {
        return split(text, from, false);
    }

    private static List<Statement> split(String text, int offset, boolean sentences) {
        List<Statement> statements = new ArrayList<>();
        int begin = 0;
        for (int at = 0; at <= text.length(); at++) {
            boolean ends = at == text.length() || (sentences ? endsSentence(text, at) : text.charAt(at) == ';');
            if (ends) {
                add(text, begin, at, offset, statements);
                begin = at + 1;
            } else if (sentences && isTooLong(text, begin, at)) {
                add(text, begin, at, offset, statements);
                begin = at;
            }
        }
        return statements;
    }

    /** Whoever pastes without a dot is read in pieces: at the next blank, or in the midst of what has none. */
    private static boolean isTooLong(String text, int begin, int at) {
        return at - begin >= MOST_LETTERS && (text.charAt(at) == ' ' || at - begin >= 2 * MOST_LETTERS);
    }

    private static boolean endsSentence(String text, int at) {
        char mark = text.charAt(at);
        if (mark != '.') {
            return mark == '\n' || mark == '!' || mark == '?';
        }
        boolean letterFollows = at + 1 < text.length() && !Character.isWhitespace(text.charAt(at + 1));
        return !letterFollows && !SHORTENED.contains(wordBefore(text, at)) && !numbersLine(text, at);
    }

    private static boolean numbersLine(String text, int at) {
        int line = text.lastIndexOf('\n', Math.max(0, at - 1)) + 1;
        return at - line <= LONGEST_LINE_NUMBER
                && LINE_NUMBER.matcher(text.substring(line, at)).matches();
    }

    private static String wordBefore(String text, int at) {
        int from = at;
        while (from > 0 && Character.isLetter(text.charAt(from - 1))) {
            from--;
        }
        return text.substring(from, at).toLowerCase(Locale.ROOT);
    }

    private static void add(String text, int begin, int end, int offset, List<Statement> statements) {
        int from = begin;
        while (from < end && Character.isWhitespace(text.charAt(from))) {
            from++;
        }
        String said = text.substring(from, end).stripTrailing();
        if (!said.isEmpty()) {
            statements.add(new Statement(said, offset + from));
        }
    }
}
