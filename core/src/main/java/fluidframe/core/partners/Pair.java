package fluidframe.core.partners;

/** Two who dance together, by name. */
public record Pair(String man, String lady) {}
