package fluidframe.core.text;

import java.util.List;

/**
 * How one term is written.
 *
 * @param shorthand the canonical shorthand
 * @param wording the full wording
 * @param synonyms other spellings
 */
public record Words(String shorthand, String wording, List<String> synonyms) {

    public Words {
        synonyms = List.copyOf(synonyms);
    }

    public static Words of(String shorthand, String wording, String... synonyms) {
        return new Words(shorthand, wording, List.of(synonyms));
    }
}
