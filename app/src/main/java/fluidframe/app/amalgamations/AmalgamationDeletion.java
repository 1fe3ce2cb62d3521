package fluidframe.app.amalgamations;

/** Published before an amalgamation is deleted. */
public record AmalgamationDeletion(String id) {}
