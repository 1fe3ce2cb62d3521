package fluidframe.app.storage;

import fluidframe.app.problems.Revision;

/**
 * A document as it is stored, and the revision that was read: what was compared with it can be told from what is there
 * later.
 */
public record StoredText(String text, Revision revision) {}
