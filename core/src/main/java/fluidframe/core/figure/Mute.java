package fluidframe.core.figure;

/**
 * A finding the coach has looked at and accepts.
 *
 * @param rule id of the rule
 * @param at JSON pointer of the place in the figure; empty for every place
 * @param reason why it is right here, never blank
 */
public record Mute(String rule, String at, String reason) {}
