package fluidframe.core.partners;

import java.util.List;

/**
 * One round of a class.
 *
 * @param pairs who dances with whom
 * @param resting who looks on
 */
public record PartnerRound(List<Pair> pairs, List<String> resting) {

    public PartnerRound {
        pairs = List.copyOf(pairs);
        resting = List.copyOf(resting);
    }
}
