package fluidframe.app.composing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.storage.Edition;
import fluidframe.core.dance.Dance;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Repertoire;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * What each dance has to put together, under the conditions asked for; worked out again only when a figure of it has
 * changed.
 */
@Component
public class Repertoires {

    /** Every dance under three levels. */
    private static final int MOST_REMEMBERED = 64;
    /** In all maps together; two of the largest dances there may be would already be too much. */
    private static final int MOST_LINKS = 400_000;

    private final FigureStore store;
    private final Cache<Key, Repertoire> known =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();
    private final Cache<Key, LinkMap> maps = Caffeine.newBuilder()
            .maximumWeight(MOST_LINKS)
            .weigher((Key key, LinkMap map) ->
                    1 + map.successors().values().stream().mapToInt(Map::size).sum())
            .build();

    Repertoires(FigureStore store) {
        this.store = store;
    }

    private record Key(List<Edition> figures, Conditions conditions) {}

    /** What leads where in a dance, remembered as long as none of its figures changes. */
    LinkMap map(Dance dance, Conditions conditions) {
        Key key = new Key(store.editionsOfDance(dance.id()), conditions);
        LinkMap remembered = maps.getIfPresent(key);
        if (remembered == null) {
            remembered = LinkMap.of(of(dance, conditions));
            maps.put(key, remembered);
        }
        return remembered;
    }

    /** For one request: it remembers by itself what follows what, and is used by one thread. */
    public Repertoire of(Dance dance, Conditions conditions) {
        Key key = new Key(store.editionsOfDance(dance.id()), conditions);
        Repertoire remembered = known.getIfPresent(key);
        if (remembered == null) {
            remembered = Repertoire.of(store.ofDance(dance.id()), conditions);
            known.put(key, remembered);
        }
        return remembered.forgetful();
    }
}
