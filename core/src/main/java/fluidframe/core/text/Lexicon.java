package fluidframe.core.text;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * The terms that may stand in one place, found by shorthand, wording or synonym, whatever their case and spacing.
 * Several terms in a row are read longest phrase first, so that "sl fwd" is never taken for "fwd".
 */
public final class Lexicon<T extends Term> {

    private static final Pattern SEPARATORS = Pattern.compile("[\\s,;]+");
    private static final Pattern BLANK = Pattern.compile(" ");
    private static final int SUGGESTIONS = 3;

    private final String expected;
    private final Map<String, T> byPhrase = new LinkedHashMap<>();
    /** Canonical shorthands, which most cells are, exactly as they are written. */
    private final Map<String, T> byWriting = new HashMap<>();

    private final List<T> terms;
    private final int longestPhrase;

    private Lexicon(String expected, Collection<? extends T> terms) {
        this.expected = expected;
        this.terms = List.copyOf(terms);
        for (T term : terms) {
            byWriting.putIfAbsent(term.shorthand(), term);
            Stream.concat(Stream.of(term.shorthand(), term.wording()), term.synonyms().stream())
                    .map(Lexicon::normalise)
                    .forEach(phrase -> byPhrase.putIfAbsent(phrase, term));
        }
        this.longestPhrase = byPhrase.keySet().stream()
                .mapToInt(phrase -> words(phrase).size())
                .max()
                .orElse(1);
    }

    /** What to say was expected when a text is not in it. */
    public String expected() {
        return expected;
    }

    /**
     * @param expected what to say was expected when a text is not in this lexicon, for example "a position"
     * @param terms the terms, first come first served where two share a spelling
     */
    public static <T extends Term> Lexicon<T> of(String expected, Collection<? extends T> terms) {
        return new Lexicon<>(expected, terms);
    }

    public List<T> terms() {
        return terms;
    }

    public Optional<T> find(String text) {
        T asWritten = byWriting.get(text);
        return asWritten != null ? Optional.of(asWritten) : Optional.ofNullable(byPhrase.get(normalise(text)));
    }

    /** @throws UnreadableTextException if the text is no term of this lexicon */
    public T read(String text) {
        return find(text).orElseThrow(() -> unreadable(text));
    }

    /**
     * Reads a run of terms separated by blanks or commas.
     *
     * @throws UnreadableTextException naming the first word that begins no term
     */
    public List<T> readAll(String text) {
        T single = byWriting.get(text);
        if (single != null) {
            return List.of(single);
        }
        List<String> words = words(normalise(text));
        List<T> found = new ArrayList<>();
        int at = 0;
        while (at < words.size()) {
            int length = Math.min(longestPhrase, words.size() - at);
            T term = null;
            while (length > 0 && (term = byPhrase.get(String.join(" ", words.subList(at, at + length)))) == null) {
                length--;
            }
            if (term == null) {
                throw unreadable(words.get(at));
            }
            found.add(term);
            at += length;
        }
        return found;
    }

    /** The terms whose spelling lies nearest to a text, as shorthand, best first. */
    public List<String> nearest(String text) {
        String wanted = normalise(text);
        return byPhrase.entrySet().stream()
                .map(entry -> Map.entry(
                        entry.getValue().shorthand(),
                        LevenshteinDistance.getDefaultInstance().apply(wanted, entry.getKey())))
                .sorted(Comparator.comparingInt(Map.Entry::getValue))
                .map(Map.Entry::getKey)
                .distinct()
                .limit(SUGGESTIONS)
                .toList();
    }

    public UnreadableTextException unreadable(String text) {
        return new UnreadableTextException(text, expected, () -> nearest(text));
    }

    private static String normalise(String text) {
        return SEPARATORS.matcher(text.toLowerCase(Locale.ROOT)).replaceAll(" ").trim();
    }

    private static List<String> words(String normalised) {
        return normalised.isEmpty() ? List.of() : List.of(BLANK.split(normalised));
    }
}
