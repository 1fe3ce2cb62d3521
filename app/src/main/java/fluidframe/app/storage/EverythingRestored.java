package fluidframe.app.storage;

/** Published in the transaction that has put everything back to what a backup holds, before anybody sees it. */
public record EverythingRestored() {}
