package fluidframe.core.piece;

import fluidframe.core.time.Beats;

/**
 * Where the music strikes, stops or swells.
 *
 * @param at beats from the first bar line
 */
public record Hit(Beats at, HitKind kind) {}
