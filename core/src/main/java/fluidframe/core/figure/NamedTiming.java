package fluidframe.core.figure;

import fluidframe.core.time.Count;

/** Another count for the same rows. */
public record NamedTiming(String name, Count man, Count lady) {
}
