package fluidframe.core.standing;

import fluidframe.core.routine.Score;
import fluidframe.core.rules.Division;
import java.util.List;
import java.util.Optional;

/**
 * How a routine stands against a division.
 *
 * @param rulings one for each rule that the division has
 */
public record Standing(Score score, Division division, List<Ruling> rulings) {

    public Standing {
        rulings = List.copyOf(rulings);
    }

    public static Standing of(Score score, Division division) {
        return new Standing(score, division, new Judge(score, division).rulings());
    }

    /** The worst of its rulings. */
    public Stand stand() {
        return rulings.stream().map(Ruling::stand).reduce(Stand.HOLDS, Stand::worse);
    }

    /** How it stands against one rule; empty where the division has none of it. */
    public Optional<Ruling> ruling(Rule rule) {
        return rulings.stream().filter(ruling -> ruling.rule() == rule).findFirst();
    }
}
