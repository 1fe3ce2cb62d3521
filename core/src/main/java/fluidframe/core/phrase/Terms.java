package fluidframe.core.phrase;

import fluidframe.core.text.Token;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.lang3.StringUtils;

/** A cell that holds terms, each for itself: they are written one after another. */
final class Terms implements Phrasing {

    /** What changes nothing. */
    static final String IGNORED = "";
    /** Between terms of which either may be meant. */
    private static final String OR = "|";

    private final Phrasebook<String> book;
    private final String separator;
    private final int most;

    /**
     * @param book what is said for each term, in shorthand; a stroke where either of two may be meant, nothing for what
     *     changes nothing
     * @param separator what stands between two terms
     * @param most how many there can be; with more of them it is not known which was meant
     */
    Terms(Phrasebook<String> book, String separator, int most) {
        this.book = book;
        this.separator = separator;
        this.most = most;
    }

    @Override
    public List<String> nearest(String word) {
        return book.nearest(word, Terms::first);
    }

    @Override
    public Reading read(String text, Situation situation) {
        Sentence<String> sentence = Sentence.read(text, book, Terms::none);
        List<String> terms = sentence.meanings().stream()
                .filter(term -> !term.equals(IGNORED))
                .distinct()
                .toList();
        if (terms.isEmpty()) {
            return new Reading(List.of(), false, sentence.leftovers());
        }
        List<String> either = terms.stream()
                .filter(term -> term.contains(OR))
                .flatMap(term -> Stream.of(StringUtils.split(term, OR)))
                .toList();
        if (!either.isEmpty()) {
            String others = terms.stream()
                    .filter(term -> !term.contains(OR))
                    .map(term -> separator + term)
                    .collect(Collectors.joining());
            return new Reading(either.stream().map(term -> term + others).toList(), false, sentence.leftovers());
        }
        return terms.size() > most
                ? new Reading(terms, false, sentence.leftovers())
                : Reading.sure(terms.stream().collect(Collectors.joining(separator)), sentence.leftovers());
    }

    private static String first(String term) {
        return StringUtils.substringBefore(term, OR);
    }

    private static Optional<String> none(Token number) {
        return Optional.empty();
    }
}
