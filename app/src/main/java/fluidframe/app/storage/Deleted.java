package fluidframe.app.storage;

import java.time.Instant;

/** A document that was deleted, and when; its versions are still there. */
public record Deleted(String kind, String id, String title, Instant deleted) {}
