package fluidframe.core.link;

/**
 * One compared thing, also where it agrees.
 *
 * @param aspect what is compared
 * @param given what the first figure gives
 * @param needed what the second needs
 * @param outcome how they fit
 * @param reason why, in one plain sentence
 */
public record Comparison(Aspect aspect, String given, String needed, Outcome outcome, String reason) {}
