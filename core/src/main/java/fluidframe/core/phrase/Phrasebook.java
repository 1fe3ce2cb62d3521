package fluidframe.core.phrase;

import fluidframe.core.text.Term;
import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** What may be said, and what is meant by it. The longest phrase is always the one that was meant. */
public final class Phrasebook<T> {

    private static final Pattern BLANK = Pattern.compile(" ++");
    private static final Pattern STROKE = Pattern.compile("\\|");
    private static final int SUGGESTIONS = 3;

    private static final class Node<T> {
        private final Map<String, Node<T>> next = new HashMap<>();
        private T meaning;
    }

    /**
     * A phrase that was found.
     *
     * @param meaning what is meant
     * @param length how many words it has
     */
    public record Match<T>(T meaning, int length) {}

    private final Node<T> root = new Node<>();
    /** The phrases of each length in letters, in the order in which they were said. */
    private final Map<Integer, Map<String, T>> phrases = new HashMap<>();

    /**
     * Adds phrases; words in brackets may be left out, and a stroke stands between words of which any will do: "(to)
     * (the) wall|w". The first meaning stays.
     */
    public Phrasebook<T> say(T meaning, String... patterns) {
        for (String pattern : patterns) {
            expand(
                    Stream.of(BLANK.split(pattern))
                            .map(Phrasebook::alternatives)
                            .toList(),
                    0,
                    new ArrayList<>(),
                    meaning);
        }
        return this;
    }

    /** What may stand in one place of a pattern, each as the words it is read as; nothing, where it may be left out. */
    private static List<List<String>> alternatives(String piece) {
        boolean optional = piece.startsWith("(");
        Stream<List<String>> said = Stream.of(STROKE.split(optional ? piece.substring(1, piece.length() - 1) : piece))
                .map(Phrasebook::words);
        return Stream.concat(optional ? Stream.of(List.<String>of()) : Stream.of(), said)
                .toList();
    }

    private static List<String> words(String phrase) {
        return Tokens.of(phrase).stream()
                .filter(token -> !token.isBreak())
                .map(Token::word)
                .toList();
    }

    /** Adds everything that terms are written as. */
    public <U extends Term> Phrasebook<T> terms(Collection<U> terms, Function<U, T> meaning) {
        for (U term : terms) {
            Stream.concat(Stream.of(term.shorthand(), term.wording()), term.synonyms().stream())
                    .forEach(phrase -> add(words(phrase), meaning.apply(term)));
        }
        return this;
    }

    private void expand(List<List<List<String>>> pattern, int at, List<String> before, T meaning) {
        if (at == pattern.size()) {
            add(before, meaning);
            return;
        }
        for (List<String> words : pattern.get(at)) {
            before.addAll(words);
            expand(pattern, at + 1, before, meaning);
            before.subList(before.size() - words.size(), before.size()).clear();
        }
    }

    private void add(List<String> words, T meaning) {
        if (words.isEmpty()) {
            return;
        }
        Node<T> node = root;
        for (String word : words) {
            node = node.next.computeIfAbsent(word, added -> new Node<>());
        }
        if (node.meaning == null) {
            node.meaning = meaning;
            String said = String.join(" ", words);
            phrases.computeIfAbsent(said.length(), length -> new LinkedHashMap<>())
                    .put(said, meaning);
        }
    }

    /** The longest phrase that begins at a word; a comma may stand within it. */
    public Optional<Match<T>> longest(List<Token> tokens, int at) {
        Node<T> node = root;
        Match<T> found = null;
        for (int i = at; i < tokens.size(); i++) {
            Token token = tokens.get(i);
            if (token.is(",") && i > at) {
                continue;
            }
            node = node.next.get(token.word());
            if (node == null) {
                break;
            }
            if (node.meaning != null) {
                found = new Match<>(node.meaning, i + 1 - at);
            }
        }
        return Optional.ofNullable(found);
    }

    /** How the phrases nearest to a word are written, the nearest first; what is written as nothing is left out. */
    List<String> nearest(String word, Function<T, String> shown) {
        int most = distance(word);
        LevenshteinDistance distance = new LevenshteinDistance(most);
        return IntStream.rangeClosed(word.length() - most, word.length() + most)
                .boxed()
                .flatMap(length -> phrases.getOrDefault(length, Map.of()).entrySet().stream())
                .map(entry -> Map.entry(shown.apply(entry.getValue()), distance.apply(word, entry.getKey())))
                .filter(entry -> entry.getValue() >= 0
                        && !entry.getKey().isEmpty()
                        && !entry.getKey().equalsIgnoreCase(word))
                .sorted(Comparator.comparingInt(Map.Entry::getValue))
                .map(Map.Entry::getKey)
                .distinct()
                .limit(SUGGESTIONS)
                .toList();
    }

    /** How many letters may be wrong. */
    private static int distance(String word) {
        return word.length() <= 3 ? 1 : word.length() <= 6 ? 2 : 3;
    }
}
