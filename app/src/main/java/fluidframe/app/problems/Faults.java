package fluidframe.app.problems;

import fluidframe.core.text.Id;
import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Everything that is wrong with a document that is being read. */
public final class Faults {

    /** The most letters of an id or a title. */
    public static final int LONGEST_NAME = Id.LONGEST;

    private final String root;
    private final List<Fault> found = new ArrayList<>();

    /** @param root JSON pointer to the document in what was sent */
    public Faults(String root) {
        this.root = root;
    }

    public void add(String place, String text, String expected) {
        add(Fault.of(root + place, text, expected));
    }

    /** @throws RefusedException if there are as many as are said at once; nobody waits until all are found */
    public void add(Fault fault) {
        found.add(fault);
        if (found.size() >= Problems.MOST_FAULTS) {
            refuse();
        }
    }

    /** The list itself, for what reads a part of the document with its own root. */
    public List<Fault> list() {
        return found;
    }

    public String root() {
        return root;
    }

    public boolean isEmpty() {
        return found.isEmpty();
    }

    public void checkId(String place, String id) {
        if (!Id.isId(id)) {
            add(place, id, ProblemsSentences.anIdOfSmallLettersDigits());
        }
    }

    public void checkTitle(String place, String title) {
        if (title.isBlank() || title.length() > LONGEST_NAME) {
            add(place, title, ProblemsSentences.aTitleOf1ToLetters(LONGEST_NAME));
        }
    }

    public <T extends Term> Optional<T> term(String place, String text, Lexicon<T> lexicon) {
        Optional<T> term = lexicon.find(text);
        if (term.isEmpty()) {
            add(place, text, lexicon.expected());
        }
        return term;
    }

    public Optional<LocalDate> date(String place, String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeException e) {
            add(place, text, ProblemsSentences.aDateSuchAs202612());
            return Optional.empty();
        }
    }

    /** What is made of it, unless that cannot be. */
    public <T> Optional<T> tried(String place, String text, String expected, Supplier<T> making) {
        try {
            return Optional.of(making.get());
        } catch (IllegalArgumentException e) {
            add(place, text, expected + " (" + e.getMessage() + ")");
            return Optional.empty();
        }
    }

    /** @throws RefusedException if there is one, with all of them */
    public void refuse() {
        if (!found.isEmpty()) {
            throw new RefusedException(found.get(0).sentence(), found);
        }
    }
}
