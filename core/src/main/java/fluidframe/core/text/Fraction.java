package fluidframe.core.text;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.hipparchus.util.ArithmeticUtils;

/**
 * A non-negative mixed number as coaches write it: {@code 1}, {@code 3/8}, {@code 1 1/2}, and the single signs ½ ¼ ¾ ⅛
 * ⅜ ⅝ ⅞ ⅓ ⅔. It only carries text in and out; the values themselves are {@code Beats} and {@code Turn}.
 *
 * @param parts how many parts, not negative
 * @param whole how many parts make one, positive
 */
public record Fraction(int parts, int whole) {

    private static final Pattern MIXED = Pattern.compile("(?:(\\d{1,4}+)(?! ?/))? ?(?:(\\d{1,4}) ?/ ?(\\d{1,4}))?");
    private static final Map<String, String> SIGNS = Map.of(
            "½", "1/2", "¼", "1/4", "¾", "3/4", "⅛", "1/8", "⅜", "3/8", "⅝", "5/8", "⅞", "7/8", "⅓", "1/3", "⅔", "2/3");

    public Fraction {
        if (parts < 0 || whole <= 0) {
            throw new IllegalArgumentException(TextSentences.isNotAFraction(parts, whole));
        }
    }

    /** @throws UnreadableTextException if the text is no mixed number */
    public static Fraction parse(String text) {
        String plain = text;
        for (Map.Entry<String, String> sign : SIGNS.entrySet()) {
            plain = plain.replace(sign.getKey(), " " + sign.getValue());
        }
        plain = PlainText.ofLine(plain).text().trim();
        Matcher matcher = MIXED.matcher(plain);
        if (plain.isEmpty() || !matcher.matches()) {
            throw new UnreadableTextException(text, TextSentences.aNumberSuchAs13());
        }
        int ones = matcher.group(1) == null ? 0 : Integer.parseInt(matcher.group(1));
        int parts = matcher.group(2) == null ? 0 : Integer.parseInt(matcher.group(2));
        int whole = matcher.group(3) == null ? 1 : Integer.parseInt(matcher.group(3));
        if (whole == 0) {
            throw new UnreadableTextException(text, TextSentences.aFractionWhoseLowerNumberIs());
        }
        return new Fraction(ones * whole + parts, whole);
    }

    /** So many of a thing: "1/2 bar", "1 bar", "1 1/2 bars". */
    public String counting(String thing) {
        return this + " " + thing + (parts > 0 && parts <= whole ? "" : "s");
    }

    /**
     * How many units of 1/{@code unitsPerOne} this is.
     *
     * @throws ArithmeticException if it is not a whole number of such units
     */
    public int in(int unitsPerOne) {
        long product = (long) parts * unitsPerOne;
        if (product % whole != 0) {
            throw new ArithmeticException(TextSentences.isNotAWholeNumberOf(this, unitsPerOne));
        }
        return Math.toIntExact(product / whole);
    }

    /** The lowest terms, as a mixed number: {@code 1 1/2}. */
    @Override
    public String toString() {
        int ones = parts / whole;
        int rest = parts % whole;
        if (rest == 0) {
            return Integer.toString(ones);
        }
        int common = ArithmeticUtils.gcd(rest, whole);
        String fraction = rest / common + "/" + whole / common;
        return ones == 0 ? fraction : ones + " " + fraction;
    }
}
