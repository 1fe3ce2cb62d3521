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
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** What may be said, and what is meant by it. The longest phrase is always the one that was meant. */
public final class Phrasebook<T> {

    private static final int SUGGESTIONS = 3;

    private static final class Node<T> {
        private final Map<String, Node<T>> next = new HashMap<>();
        private T meaning;
    }

    /**
     * A phrase that was found.
     *
     * @param meaning what is meant
     * @param length  how many words it has
     */
    public record Match<T>(T meaning, int length) {
    }

    private final Node<T> root = new Node<>();
    /** The phrases of each length in letters, in the order in which they were said. */
    private final Map<Integer, Map<String, T>> phrases = new HashMap<>();

    /** Adds phrases; words in brackets may be left out, and a stroke stands between words of which any will do: "(to) (the) wall|w". The first meaning stays. */
    public Phrasebook<T> say(T meaning, String... patterns) {
        for (String pattern : patterns) {
            expand(pattern.split(" +"), 0, new ArrayList<>(), phrase -> add(String.join(" ", phrase), meaning));
        }
        return this;
    }

    /** Adds everything that terms are written as. */
    public <U extends Term> Phrasebook<T> terms(Collection<U> terms, Function<U, T> meaning) {
        for (U term : terms) {
            Stream.concat(Stream.of(term.shorthand(), term.wording()), term.synonyms().stream()).forEach(phrase -> add(phrase, meaning.apply(term)));
        }
        return this;
    }

    private interface Phrases {
        void add(List<String> words);
    }

    private static void expand(String[] pattern, int at, List<String> words, Phrases phrases) {
        if (at == pattern.length) {
            phrases.add(words);
            return;
        }
        String piece = pattern[at];
        boolean optional = piece.startsWith("(");
        if (optional) {
            expand(pattern, at + 1, words, phrases);
        }
        for (String word : (optional ? piece.substring(1, piece.length() - 1) : piece).split("\\|")) {
            List<String> longer = new ArrayList<>(words);
            longer.add(word);
            expand(pattern, at + 1, longer, phrases);
        }
    }

    private void add(String phrase, T meaning) {
        List<Token> words = Tokens.of(phrase).stream().filter(token -> !token.isBreak()).toList();
        if (words.isEmpty()) {
            return;
        }
        Node<T> node = root;
        for (Token word : words) {
            node = node.next.computeIfAbsent(word.word(), added -> new Node<>());
        }
        if (node.meaning == null) {
            node.meaning = meaning;
            String said = String.join(" ", words.stream().map(Token::word).toList());
            phrases.computeIfAbsent(said.length(), length -> new LinkedHashMap<>()).put(said, meaning);
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
        return IntStream.rangeClosed(word.length() - most, word.length() + most).boxed().flatMap(length -> phrases.getOrDefault(length, Map.of()).entrySet().stream()).map(entry -> Map.entry(shown.apply(entry.getValue()), distance.apply(word, entry.getKey())))
                .filter(entry -> entry.getValue() >= 0 && !entry.getKey().isEmpty() && !entry.getKey().equalsIgnoreCase(word)).sorted(Comparator.comparingInt(Map.Entry::getValue)).map(Map.Entry::getKey).distinct().limit(SUGGESTIONS).toList();
    }

    /** How many letters may be wrong. */
    private static int distance(String word) {
        return word.length() <= 3 ? 1 : word.length() <= 6 ? 2 : 3;
    }
}
