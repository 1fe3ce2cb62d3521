package fluidframe.core.listing;

import java.util.List;
import java.util.Optional;

/**
 * A routine as it was listed.
 *
 * @param title what its first line calls it
 * @param entries in the order in which they are danced
 */
public record RoutineListing(Optional<String> title, List<ListedEntry> entries) {

    public RoutineListing {
        entries = List.copyOf(entries);
    }
}
