package fluidframe.app.storage;

import java.time.Instant;

/**
 * A version of a document that was kept.
 *
 * @param number   the later ones have the higher
 * @param document as it was stored
 */
public record StoredVersion(int number, Instant kept, String document) {
}
