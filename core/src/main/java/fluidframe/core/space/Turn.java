package fluidframe.core.space;

import fluidframe.core.text.Fraction;
import fluidframe.core.text.PlainText;
import fluidframe.core.text.UnreadableTextException;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An amount of turn.
 *
 * @param sixteenths of a whole turn, positive to the left; may be more than one whole turn
 */
public record Turn(int sixteenths) {

    public static final int WHOLE = 16;
    public static final Turn NONE = new Turn(0);
    /** Nobody turns more on one step. */
    private static final int MOST = 2 * WHOLE;

    private static final Map<Integer, String> SPOKEN = Map.of(
            1,
            SpaceSentences.aSixteenthOfATurn(),
            2,
            SpaceSentences.anEighthOfATurn(),
            4,
            "a quarter turn",
            6,
            SpaceSentences.threeEighthsOfATurn(),
            8,
            "half a turn",
            10,
            SpaceSentences.fiveEighthsOfATurn(),
            12,
            SpaceSentences.threeQuartersOfATurn(),
            14,
            SpaceSentences.sevenEighthsOfATurn(),
            WHOLE,
            "a whole turn");
    private static final Pattern TEXT = Pattern.compile("([^LR]{1,16}?) ?(L|R|left|right)", Pattern.CASE_INSENSITIVE);
    private static final String EXPECTED = SpaceSentences.anAmountOfTurnSuchAs();

    /** @throws ArithmeticException if parts/whole is not a whole number of sixteenths */
    public static Turn of(int parts, int whole, Side side) {
        return new Turn(side.sign() * new Fraction(parts, whole).in(WHOLE));
    }

    /** @throws UnreadableTextException if the text is no amount of turn, or finer than a sixteenth */
    public static Turn parse(String text) {
        String trimmed = PlainText.ofLine(text).text().strip();
        if (trimmed.equals("0") || trimmed.equals("-")) {
            return NONE;
        }
        Matcher matcher = TEXT.matcher(trimmed);
        if (!matcher.matches()) {
            throw new UnreadableTextException(text, EXPECTED);
        }
        Side side = matcher.group(2).toUpperCase(Locale.ROOT).startsWith("L") ? Side.LEFT : Side.RIGHT;
        int size = sixteenths(matcher.group(1));
        if (size > MOST) {
            throw new UnreadableTextException(text, SpaceSentences.moreThanTwoWholeTurnsIs(EXPECTED));
        }
        return new Turn(side.sign() * size);
    }

    /** The size of a turn written without its side. */
    static int sixteenths(String text) {
        try {
            return Fraction.parse(text).in(WHOLE);
        } catch (ArithmeticException | UnreadableTextException e) {
            throw new UnreadableTextException(text, SpaceSentences.anAmountOfTurnInSixteenths());
        }
    }

    public static Turn parseSize(String text) {
        return new Turn(sixteenths(text));
    }

    public Turn plus(Turn other) {
        return new Turn(sixteenths + other.sixteenths);
    }

    public Turn minus(Turn other) {
        return new Turn(sixteenths - other.sixteenths);
    }

    public Turn mirrored() {
        return new Turn(-sixteenths);
    }

    public boolean isNone() {
        return sixteenths == 0;
    }

    public int size() {
        return Math.abs(sixteenths);
    }

    public Optional<Side> side() {
        return sixteenths == 0 ? Optional.empty() : Optional.of(sixteenths > 0 ? Side.LEFT : Side.RIGHT);
    }

    public double radians() {
        return sixteenths * 2 * Math.PI / WHOLE;
    }

    /** Only the amount, without the side: {@code 3/8}. */
    public String sizeText() {
        return new Fraction(size(), WHOLE).toString();
    }

    /** The amount as it is said: "a quarter turn", "three eighths of a turn". */
    public String spokenSize() {
        return SPOKEN.getOrDefault(size(), sizeText() + (size() < WHOLE ? " of a turn" : " turns"));
    }

    /** "A quarter turn to the right", in the middle of a sentence. */
    public String spoken() {
        return side().map(side -> spokenSize() + " to the " + side.wording()).orElse("no turn");
    }

    /** Canonical text: {@code 3/8 R}, or {@code 0}. */
    @Override
    public String toString() {
        return side().map(side -> sizeText() + " " + side.letter()).orElse("0");
    }
}
