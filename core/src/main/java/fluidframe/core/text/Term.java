package fluidframe.core.text;

import java.util.List;

/** One word of the coach's vocabulary: how it is typed, how it is read aloud, and what else it may be called. */
public interface Term {

    /** The canonical shorthand, as it is stored and printed in a chart cell. */
    String shorthand();

    /** The full wording shown to a reader who does not know the shorthand. */
    String wording();

    /** Other spellings that are read as this term; case and spacing never matter. */
    default List<String> synonyms() {
        return List.of();
    }
}
