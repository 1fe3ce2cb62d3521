package fluidframe.core.text;

import java.util.Locale;

/**
 * In which words sentences are said by this thread: a language, or a variant of one. Whoever answers a person says it
 * once, and no method on the way passes it on.
 */
public final class Speech {

    private static final ThreadLocal<Locale> NOW = ThreadLocal.withInitial(() -> Locale.UK);

    private Speech() {}

    /** For how long the words of a locale are used. */
    public interface Use extends AutoCloseable {

        @Override
        void close();
    }

    public static Locale now() {
        return NOW.get();
    }

    /** Sentences are said in the words of a locale until this is closed. */
    public static Use of(Locale locale) {
        Locale outer = NOW.get();
        NOW.set(locale);
        return () -> NOW.set(outer);
    }
}
