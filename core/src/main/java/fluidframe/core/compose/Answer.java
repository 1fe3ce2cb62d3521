package fluidframe.core.compose;

import java.util.List;

/**
 * What came of composing.
 *
 * @param compositions the best and the next best that really differ
 * @param exact whether they are proved to be the best, or none to exist
 * @param bound points that no composition can have more of
 * @param relaxations where there is none: the smallest sets of relaxations that would allow one, each tried
 */
public record Answer(List<Composition> compositions, boolean exact, int bound, List<Relaxation> relaxations) {

    public Answer {
        compositions = List.copyOf(compositions);
        relaxations = List.copyOf(relaxations);
    }

    Answer with(List<Relaxation> found) {
        return new Answer(compositions, exact, bound, found);
    }
}
