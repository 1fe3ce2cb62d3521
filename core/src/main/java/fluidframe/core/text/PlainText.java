package fluidframe.core.text;

import java.util.Arrays;

/**
 * A text as it is read: one blank where somebody left several, and letters without marks that are typed apart from
 * them. Readers can then look at each letter once, however much white a pasted table brings along; and where each
 * letter stood is still known.
 */
public final class PlainText {

    private static final char BLANK = ' ';

    private final String original;
    private final String text;
    /** Where each letter stood; null where nothing was left out. */
    private final int[] stood;

    private PlainText(String original, String text, int[] stood) {
        this.original = original;
        this.text = text;
        this.stood = stood;
    }

    /** One line: an end of a line is a blank like any other. */
    public static PlainText ofLine(String text) {
        return of(text, false);
    }

    /** Several lines, which stay as they are. */
    public static PlainText ofLines(String text) {
        return of(text, true);
    }

    private static PlainText of(String original, boolean lines) {
        if (isPlain(original, lines)) {
            return new PlainText(original, original, null);
        }
        StringBuilder plain = new StringBuilder(original.length());
        int[] stood = new int[original.length()];
        for (int at = 0; at < original.length(); at++) {
            char letter = original.charAt(at);
            boolean blank = isBlank(letter, lines);
            boolean another = blank && !plain.isEmpty() && plain.charAt(plain.length() - 1) == BLANK;
            if (!another && !isMark(letter)) {
                stood[plain.length()] = at;
                plain.append(blank ? BLANK : letter);
            }
        }
        return new PlainText(original, plain.toString(), Arrays.copyOf(stood, plain.length()));
    }

    private static boolean isPlain(String text, boolean lines) {
        boolean afterBlank = false;
        for (int at = 0; at < text.length(); at++) {
            char letter = text.charAt(at);
            boolean blank = isBlank(letter, lines);
            if (blank && (afterBlank || letter != BLANK) || isMark(letter)) {
                return false;
            }
            afterBlank = blank;
        }
        return true;
    }

    private static boolean isBlank(char letter, boolean lines) {
        return letter == BLANK
                || (Character.isWhitespace(letter) || Character.isSpaceChar(letter)) && !(lines && letter == '\n');
    }

    private static boolean isMark(char letter) {
        int type = letter < 0x300 ? 0 : Character.getType(letter);
        return type == Character.NON_SPACING_MARK || type == Character.ENCLOSING_MARK;
    }

    /** What is read. */
    public String text() {
        return text;
    }

    /** What was written. */
    public String original() {
        return original;
    }

    /** Where a stretch of what is read begins in what was written. */
    public int from(int at) {
        return stood == null ? at : at < stood.length ? stood[at] : original.length();
    }

    /** Where a stretch of what is read ends in what was written. */
    public int to(int at) {
        return stood == null ? at : at == 0 ? 0 : stood[at - 1] + 1;
    }

    /** A stretch of what is read, as it was written. */
    public String written(int from, int to) {
        return from >= to ? "" : original.substring(from(from), to(to));
    }
}
