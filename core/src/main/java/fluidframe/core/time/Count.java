package fluidframe.core.time;

import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A count as a coach writes it: {@code S Q Q}, {@code 2 3 4-1}, {@code 1 a 2}, {@code 1 2 (3)}. It is text only;
 * {@link Timing} says what it means in a dance. Blanks, commas and bar lines between marks do not matter.
 */
public record Count(List<CountToken> tokens) {

    private static final Pattern MARK = Pattern.compile(
            "[\\s,|]+|(?<open>\\()|(?<close>\\))|(?<beats>\\d{1,2}(?![\\d/])(?:-\\d{1,2}+(?![\\d/]))*+)|(?<words>[sq](?:-[sq])?(?![-–a-z]))"
                    + "|(?<and>&|and(?![a-z]))|(?<a>a(?![a-z]))|(?<held>h(?:old)?(?![a-z]))",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BLANK = Pattern.compile("\\s");
    private static final Pattern DASH = Pattern.compile("-");
    /** From here on a number could as well be two beats. */
    private static final int TWO_FIGURES = 10;

    private static final String EXPECTED = TimeSentences.aCountSuchAsSQ();

    public Count {
        tokens = List.copyOf(tokens);
    }

    /** @throws UnreadableTextException naming the first mark that belongs to no count */
    public static Count parse(String text) {
        List<CountToken> tokens = new ArrayList<>();
        Matcher matcher = MARK.matcher(text);
        boolean bracketed = false;
        int at = 0;
        while (at < text.length()) {
            if (!matcher.region(at, text.length()).lookingAt() || matcher.end() == at) {
                throw new UnreadableTextException(BLANK.split(text.substring(at))[0], EXPECTED);
            }
            if (matcher.group("open") != null || matcher.group("close") != null) {
                boolean opens = matcher.group("open") != null;
                if (opens == bracketed) {
                    throw new UnreadableTextException(text, TimeSentences.bracketsInPairs());
                }
                bracketed = opens;
            } else {
                token(matcher, bracketed, lastBeat(tokens)).ifPresent(tokens::add);
            }
            at = matcher.end();
        }
        if (bracketed) {
            throw new UnreadableTextException(text, TimeSentences.bracketsInPairs());
        }
        return new Count(tokens);
    }

    /** The beat that was counted last, or none. */
    private static int lastBeat(List<CountToken> tokens) {
        for (int i = tokens.size() - 1; i >= 0; i--) {
            if (tokens.get(i) instanceof CountToken.Numbered numbered) {
                return numbered.beats().get(numbered.beats().size() - 1);
            }
        }
        return 0;
    }

    private static Optional<CountToken> token(Matcher matcher, boolean bracketed, int last) {
        if (matcher.group("beats") != null) {
            List<Integer> beats = Arrays.stream(DASH.split(matcher.group("beats")))
                    .map(Integer::valueOf)
                    .toList();
            if (beats.contains(0)) {
                throw new UnreadableTextException(matcher.group("beats"), TimeSentences.beatsCountedFrom1());
            }
            if (beats.get(0) >= TWO_FIGURES && last + 1 != beats.get(0)) {
                throw new UnreadableTextException(matcher.group("beats"), TimeSentences.beatsApartFromEachOtherOr());
            }
            return Optional.of(new CountToken.Numbered(beats, bracketed));
        }
        if (matcher.group("words") != null) {
            String[] words = DASH.split(matcher.group("words").toUpperCase(Locale.ROOT));
            return Optional.of(new CountToken.Worded(
                    Arrays.stream(words).map(Word::valueOf).toList(), bracketed));
        }
        if (matcher.group("and") != null) {
            return Optional.of(new CountToken.And(bracketed));
        }
        if (matcher.group("a") != null) {
            return Optional.of(new CountToken.A(bracketed));
        }
        return matcher.group("held") != null ? Optional.of(new CountToken.Held()) : Optional.empty();
    }

    /** @throws UnreadableTextException if the text is not exactly one mark */
    public static CountToken parseToken(String text) {
        List<CountToken> tokens = parse(text).tokens();
        if (tokens.size() != 1) {
            throw new UnreadableTextException(text, TimeSentences.oneMarkOfTheCountSuch());
        }
        return tokens.get(0);
    }

    @Override
    public String toString() {
        return tokens.stream().map(CountToken::toString).collect(Collectors.joining(" "));
    }
}
