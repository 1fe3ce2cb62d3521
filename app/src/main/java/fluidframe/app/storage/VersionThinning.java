package fluidframe.app.storage;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Which kept versions of a document go: of those older than a day all but the last of each hour, of those older than
 * thirty days all but the last of each day (UTC). The latest stays, and what a deletion ended.
 */
final class VersionThinning {

    private static final Duration EVERY_ONE = Duration.ofDays(1);
    private static final Duration EVERY_HOUR = Duration.ofDays(30);

    private VersionThinning() {}

    /** A version; a deletion has a number too. */
    record Kept(int number, Instant at, boolean deletion) {}

    /**
     * @param versions of one document, the latest first
     * @return the numbers of those that go
     */
    static List<Integer> superfluous(List<Kept> versions, Instant now) {
        List<Integer> going = new ArrayList<>();
        Set<Instant> filled = new HashSet<>();
        boolean stays = true;
        for (Kept version : versions) {
            Duration age = Duration.between(version.at(), now);
            boolean firstOfItsTime = age.compareTo(EVERY_ONE) <= 0
                    || filled.add(version.at()
                            .truncatedTo(age.compareTo(EVERY_HOUR) <= 0 ? ChronoUnit.HOURS : ChronoUnit.DAYS));
            if (!version.deletion() && !stays && !firstOfItsTime) {
                going.add(version.number());
            }
            stays = version.deletion();
        }
        return going;
    }
}
