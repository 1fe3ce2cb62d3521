package fluidframe.app.storage;

import fluidframe.app.problems.Revision;

/** A document as stored, with its revision. */
public record StoredPlainDocument<D>(D document, Revision revision) {}
