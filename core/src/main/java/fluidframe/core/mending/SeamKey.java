package fluidframe.core.mending;

/**
 * A seam that is known again when others have been mended.
 *
 * @param placement the placement before it, from 0 as the routine was at first
 * @param round which time its section is danced, from 1
 */
public record SeamKey(int placement, int round) {}
