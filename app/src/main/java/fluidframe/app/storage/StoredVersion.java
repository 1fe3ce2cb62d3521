package fluidframe.app.storage;

import java.time.Instant;
import java.util.Optional;

/**
 * A version of a document that was kept.
 *
 * @param number the later ones have the higher
 * @param author who kept it; empty where that was not yet recorded
 * @param document as it was stored
 */
public record StoredVersion(int number, Instant kept, Optional<String> author, String document) {}
