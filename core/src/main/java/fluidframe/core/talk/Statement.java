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
    private static final Set<String> SHORTENED = Set.of("diag", "sl", "approx", "fwd", "bk", "cont", "comm", "com", "ctr", "opp", "pos", "sd", "cl", "e", "i", "o", "no", "nat", "rev", "prog", "eg", "ie");

    private static final Pattern LINE_NUMBER = Pattern.compile("\\s*\\d{1,2}");

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
            }
        }
        return statements;
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
        return LINE_NUMBER.matcher(text.substring(text.lastIndexOf('\n', Math.max(0, at - 1)) + 1, at)).matches();
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
