package fluidframe.core.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Takes what somebody wrote apart into words, numbers and marks. Letters and digits that touch are two words ("e1",
 * "RF2"); initials are one ("L.O.D."); words that a hyphen, a dot or a stroke joins are several; a fraction is one,
 * however it is written.
 */
public final class Tokens {

    private static final Map<Character, String> FRACTIONS = Map.of(
            '½', "1/2", '¼', "1/4", '¾', "3/4", '⅛', "1/8", '⅜', "3/8", '⅝', "5/8", '⅞', "7/8", '⅓', "1/3", '⅔', "2/3");
    private static final Map<Character, String> MARKS =
            Map.of(',', ",", ';', ";", ':', ";", '(', "(", ')', ")", '°', "°", '&', "and", '+', "and", '@', "@");
    private static final String STROKES = "/⁄∕";
    private static final String DASHES = "-–—−‐‑";
    private static final String APOSTROPHES = "'’`´";

    private final String text;
    private final List<Token> tokens = new ArrayList<>();
    private int at;

    private Tokens(String text) {
        this.text = text;
    }

    public static List<Token> of(String text) {
        Tokens tokens = new Tokens(text);
        while (tokens.at < text.length()) {
            tokens.next();
        }
        return tokens.tokens;
    }

    private void next() {
        char letter = text.charAt(at);
        String sign = FRACTIONS.get(letter);
        String mark = MARKS.get(letter);
        if (sign != null) {
            add(sign, at + 1);
        } else if (mark != null) {
            add(mark, at + 1);
        } else if (isDigit(letter)) {
            number();
        } else if (Character.isLetter(letter)) {
            word();
        } else if (STROKES.indexOf(letter) >= 0) {
            add("/", at + 1);
        } else if (DASHES.indexOf(letter) >= 0 && standsAlone()) {
            add("-", at + 1);
        } else {
            at++;
        }
    }

    /** A dash between two words only joins them. */
    private boolean standsAlone() {
        boolean before = at > 0 && Character.isLetterOrDigit(text.charAt(at - 1));
        boolean after = at + 1 < text.length() && Character.isLetterOrDigit(text.charAt(at + 1));
        return !before && !after;
    }

    private void number() {
        int from = at;
        int to = digits(from);
        int stroke = blanks(to);
        if (stroke < text.length() && STROKES.indexOf(text.charAt(stroke)) >= 0) {
            int lower = blanks(stroke + 1);
            int end = digits(lower);
            if (end > lower) {
                add(text.substring(from, to) + "/" + text.substring(lower, end), end);
                return;
            }
        }
        add(text.substring(from, to), to);
    }

    private void word() {
        int to = at;
        StringBuilder word = new StringBuilder();
        while (to < text.length()
                && (Character.isLetter(text.charAt(to)) || APOSTROPHES.indexOf(text.charAt(to)) >= 0)) {
            if (Character.isLetter(text.charAt(to))) {
                word.append(text.charAt(to));
            }
            to++;
        }
        while (word.length() == to - at - (to - at) / 2 && isInitial(to)) {
            word.append(text.charAt(to + 1));
            to += 2;
        }
        add(word.toString().toLowerCase(Locale.ROOT), to);
    }

    /** Whether a dot and one more letter of "L.O.D." follow. */
    private boolean isInitial(int dot) {
        boolean letter = dot + 1 < text.length() && text.charAt(dot) == '.' && Character.isLetter(text.charAt(dot + 1));
        return letter && (dot + 2 >= text.length() || !Character.isLetter(text.charAt(dot + 2)));
    }

    private int digits(int from) {
        int to = from;
        while (to < text.length() && isDigit(text.charAt(to))) {
            to++;
        }
        return to;
    }

    private int blanks(int from) {
        int to = from;
        while (to < text.length() && text.charAt(to) == ' ') {
            to++;
        }
        return to;
    }

    private static boolean isDigit(char letter) {
        return letter >= '0' && letter <= '9';
    }

    private void add(String word, int to) {
        tokens.add(new Token(word, at, to));
        at = to;
    }
}
