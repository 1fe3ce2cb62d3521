package fluidframe.core.phrase;

import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** A text read phrase by phrase: what is meant, where it stands, and what means nothing. */
final class Sentence<T> {

    /** Words that change nothing wherever they stand. */
    private static final Set<String> SMALL = Set.of(
            "the",
            "a",
            "an",
            "and",
            "then",
            "with",
            "his",
            "her",
            "their",
            "your",
            "my",
            "own",
            "of",
            "is",
            "it",
            "its",
            "on",
            "to",
            "at",
            "in",
            "by",
            "for",
            "still",
            "now",
            "about",
            "approx",
            "approximately",
            "also",
            "just",
            "-",
            "/",
            ",",
            ";",
            "(",
            ")");

    /**
     * A phrase in its place.
     *
     * @param meaning what it means
     * @param first its first word
     * @param from where it begins in the text
     * @param to where it ends
     */
    record Said<T>(T meaning, int first, int from, int to) {}

    private final String text;
    private final List<Said<T>> said = new ArrayList<>();
    private final List<Leftover> leftovers = new ArrayList<>();

    private Sentence(String text) {
        this.text = text;
    }

    /** @param numbers what a number means by itself, if it means anything */
    static <T> Sentence<T> read(String text, Phrasebook<T> book, Function<Token, Optional<T>> numbers) {
        Sentence<T> sentence = new Sentence<>(text);
        List<Token> tokens = Tokens.of(text);
        int at = 0;
        while (at < tokens.size()) {
            Token token = tokens.get(at);
            Optional<Phrasebook.Match<T>> match = book.longest(tokens, at);
            Optional<T> number = match.isEmpty() ? numbers.apply(token) : Optional.empty();
            if (match.isPresent()) {
                int last = at + match.get().length() - 1;
                sentence.said.add(new Said<>(
                        match.get().meaning(),
                        at,
                        token.from(),
                        tokens.get(last).to()));
                at = last;
            } else if (number.isPresent()) {
                sentence.said.add(new Said<>(number.get(), at, token.from(), token.to()));
            } else if (!SMALL.contains(token.word())) {
                sentence.leave(token.from(), token.to());
            }
            at++;
        }
        return sentence;
    }

    List<Said<T>> said() {
        return said;
    }

    List<T> meanings() {
        return said.stream().map(Said::meaning).toList();
    }

    List<Leftover> leftovers() {
        return leftovers;
    }

    void leave(Said<T> phrase) {
        leave(phrase.from(), phrase.to());
    }

    /** Notes that words were not understood; neighbouring ones are one. */
    private void leave(int from, int to) {
        Leftover before = leftovers.isEmpty() ? null : leftovers.get(leftovers.size() - 1);
        if (before != null
                && before.to() <= from
                && text.substring(before.to(), from).isBlank()) {
            leftovers.set(
                    leftovers.size() - 1,
                    new Leftover(before.from(), to, text.substring(before.from(), to), List.of()));
        } else {
            leftovers.add(new Leftover(from, to, text.substring(from, to), List.of()));
        }
    }
}
