package fluidframe.core.text;

import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;

/** The sentences of one area, as its catalogue has them: ICU message patterns with named values. */
public final class Sentences {

    private final ResourceBundle catalogue;
    private final Map<String, Sentence> read = new ConcurrentHashMap<>();

    private Sentences(ResourceBundle catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * The sentences of a catalogue on the class path, such as {@code sentences.core.audit}.
     *
     * @throws java.util.MissingResourceException if there is none of that name
     */
    public static Sentences of(String catalogue) {
        return new Sentences(ResourceBundle.getBundle(catalogue, Locale.ROOT));
    }

    /**
     * A sentence with its values.
     *
     * @param namesAndValues each value after its name
     * @throws java.util.MissingResourceException if the catalogue has no sentence of that key
     */
    public String say(String key, Object... namesAndValues) {
        Sentence sentence = read.get(key);
        if (sentence == null) {
            sentence = Sentence.of(catalogue.getString(key), Locale.UK);
            read.put(key, sentence);
        }
        return sentence.with(namesAndValues);
    }
}
