package fluidframe.core.day;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What a day must keep to. Times are minutes since midnight.
 *
 * @param begins when the doors open: nothing is before it
 * @param ends when everything must be over
 * @param rest minutes that a couple has at least between its last dance in a round and its first in another
 * @param warmUp minutes of warm-up directly before the first round of the coach's couples; nobody dances sooner after
 *     the beginning
 * @param between minutes between two rounds on one floor
 * @param rounds in any order
 * @param coached couples of the coach, who can be in one place at a time
 */
@RecordBuilder
public record DayWish(int begins, int ends, int rest, int warmUp, int between, List<Round> rounds, Set<String> coached)
        implements DayWishBuilder.With {

    public static final int MOST_ROUNDS = 40;
    public static final int MOST_ENTRIES = 1_200;
    static final int MINUTES_OF_A_DAY = 24 * 60;

    /** @throws IllegalArgumentException naming what cannot be */
    public DayWish {
        rounds = List.copyOf(rounds);
        coached = Set.copyOf(coached);
        if (begins < 0 || ends > MINUTES_OF_A_DAY || begins >= ends) {
            throw new IllegalArgumentException(DaySentences.aDayBeginsBeforeItEnds());
        }
        if (rest < 0 || warmUp < 0 || between < 0) {
            throw new IllegalArgumentException(DaySentences.restWarmUpAndTheTime());
        }
        if (rounds.size() > MOST_ROUNDS
                || rounds.stream().mapToInt(round -> round.couples().size()).sum() > MOST_ENTRIES) {
            throw new IllegalArgumentException(DaySentences.atMostRoundsAndEntriesIn(MOST_ROUNDS, MOST_ENTRIES));
        }
        Set<String> ids = new HashSet<>();
        for (Round round : rounds) {
            if (!ids.add(round.id())) {
                throw new IllegalArgumentException(DaySentences.twoRoundsCalled(round.id()));
            }
        }
        for (Round round : rounds) {
            if (round.after()
                    .filter(before -> !ids.contains(before) || before.equals(round.id()))
                    .isPresent()) {
                throw new IllegalArgumentException(DaySentences.comesAfterWhichIsNotAnother(
                        round.title(), round.after().get()));
            }
        }
    }
}
