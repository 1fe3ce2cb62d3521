package fluidframe.app.exchange;

import fluidframe.app.exchange.Choices.Kind;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;

/** Under which ids things of a book come in that come in beside what has theirs. */
final class OtherIds {

    private final Map<Kind, Map<String, String>> byKind = new EnumMap<>(Kind.class);

    /** The other id of each of a kind, by its own. */
    Map<String, String> of(Kind kind) {
        return byKind.computeIfAbsent(kind, added -> new HashMap<>());
    }
}
