package fluidframe.core.rules;

import fluidframe.core.dance.Dance;
import java.util.List;
import java.util.Optional;

/**
 * What couples of one level and style are judged by.
 *
 * @param title what the organiser calls it: Bronze Latin
 * @param dances in the order in which they are danced
 * @param length how long a routine lasts
 * @param figures what may be danced
 * @param hold whether it must be kept
 * @param couples the most on the floor at once
 * @param dress what is worn, in the organiser's words
 * @param music what is played, in the organiser's words
 */
public record Division(
        String title,
        List<DanceRule> dances,
        LengthRule length,
        FigureRule figures,
        HoldRule hold,
        int couples,
        String dress,
        String music) {

    public static final int MOST_COUPLES = 60;
    public static final int MOST_DANCES = 10;

    /** @throws IllegalArgumentException naming what cannot be */
    public Division {
        dances = List.copyOf(dances);
        if (dances.isEmpty()
                || dances.size() > MOST_DANCES
                || dances.stream().map(DanceRule::dance).distinct().count() < dances.size()) {
            throw new IllegalArgumentException(RulesSentences.aDivisionHas1ToDifferent(MOST_DANCES));
        }
        if (couples < 1 || couples > MOST_COUPLES) {
            throw new IllegalArgumentException(RulesSentences.couplesOnTheFloorExpected1(couples, MOST_COUPLES));
        }
    }

    /** What is asked of one of its dances; empty if it is not danced. */
    public Optional<DanceRule> of(Dance dance) {
        return dances.stream()
                .filter(rule -> rule.dance().id().equals(dance.id()))
                .findFirst();
    }
}
