package fluidframe.core.audit;

import fluidframe.core.notation.Place;

/**
 * One change of one place that mends a finding.
 *
 * @param label what it does, for a button: "make the turn 3/8 R"
 * @param place what it changes
 * @param text what stands there afterwards, in shorthand
 */
public record Fix(String label, Place place, String text) {}
