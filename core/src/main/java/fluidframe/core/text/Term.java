package fluidframe.core.text;

import java.util.List;

/** One word of the coach's vocabulary: how it is typed, how it is read aloud, and what else it may be called. */
public interface Term {

    Words words();

    /** The canonical shorthand, as it is stored and printed in a chart cell. */
    default String shorthand() {
        return words().shorthand();
    }

    /** The full wording shown to a reader who does not know the shorthand. */
    default String wording() {
        return words().wording();
    }

    /** Other spellings that are read as this term; case and spacing never matter. */
    default List<String> synonyms() {
        return words().synonyms();
    }
}
