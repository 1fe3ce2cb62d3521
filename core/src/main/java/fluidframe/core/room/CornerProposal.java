package fluidframe.core.room;

import fluidframe.core.link.Verdict;

/**
 * Where a corner could be turned.
 *
 * @param after index of the passage after which
 * @param side the side that would end there
 * @param ahead metres left before the corner
 * @param verdict how what follows would be met then
 */
public record CornerProposal(int after, int side, double ahead, Verdict verdict) {}
