package fluidframe.app.composing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.storage.Edition;
import fluidframe.core.dance.Dance;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Repertoire;
import java.util.List;
import org.springframework.stereotype.Component;

/** What each dance has to put together, under the conditions asked for; worked out again only when a figure of it has changed. */
@Component
class Repertoires {

    /** Every dance under three levels. */
    private static final int MOST_REMEMBERED = 64;

    private final FigureStore store;
    private final Cache<Key, Repertoire> known = Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    Repertoires(FigureStore store) {
        this.store = store;
    }

    private record Key(List<Edition> figures, Conditions conditions) {
    }

    /** For one request: it remembers by itself what follows what, and is used by one thread. */
    Repertoire of(Dance dance, Conditions conditions) {
        Key key = new Key(store.editionsOfDance(dance.id()), conditions);
        Repertoire remembered = known.getIfPresent(key);
        if (remembered == null) {
            remembered = Repertoire.of(store.ofDance(dance.id()), conditions);
            known.put(key, remembered);
        }
        return remembered.forgetful();
    }
}
