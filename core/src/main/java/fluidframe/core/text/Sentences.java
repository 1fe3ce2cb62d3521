package fluidframe.core.text;

import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;

/** The sentences of one area, as its catalogue has them: ICU message patterns with named values. */
public final class Sentences {

    private static final ResourceBundle.Control NO_OTHER_LANGUAGE =
            ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES);

    private final String catalogue;
    private final Map<Locale, Map<String, Sentence>> read = new ConcurrentHashMap<>();

    private Sentences(String catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * The sentences of a catalogue on the class path, such as {@code sentences.core.audit}, and of its translations and
     * variants.
     */
    public static Sentences of(String catalogue) {
        return new Sentences(catalogue);
    }

    /**
     * A sentence with its values, in the words of {@link Speech}; in those of the catalogue itself where they have none
     * of their own.
     *
     * @param namesAndValues each value after its name
     * @throws java.util.MissingResourceException if the catalogue has no sentence of that key or there is no such
     *     catalogue
     */
    public String say(String key, Object... namesAndValues) {
        Locale locale = Speech.now();
        Map<String, Sentence> sentences = read.computeIfAbsent(locale, added -> new ConcurrentHashMap<>());
        Sentence sentence = sentences.get(key);
        if (sentence == null) {
            ResourceBundle bundle = ResourceBundle.getBundle(catalogue, locale, NO_OTHER_LANGUAGE);
            sentence = Sentence.of(bundle.getString(key), locale);
            sentences.put(key, sentence);
        }
        return sentence.with(namesAndValues);
    }
}
