package fluidframe.app.backups;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Which daily backups stay: those of the last seven days, and the latest of each of the last four weeks. */
final class Retention {

    private static final int DAYS = 7;
    private static final int WEEKS = 4;

    private Retention() {}

    /**
     * How long those stay that somebody made, or that were made before a backup was brought back: they hold who has
     * been erased since.
     */
    static final Duration LONGEST = Duration.ofDays(90);

    static final Duration LONGEST_DAILY = Duration.ofDays(DAYS * (WEEKS + 1));

    /** Whether one that was not made of itself goes. */
    static boolean isOver(Instant made, Instant now) {
        return made.plus(LONGEST).isBefore(now);
    }

    private record Week(int year, int number) {

        static Week of(LocalDate day) {
            return new Week(day.get(IsoFields.WEEK_BASED_YEAR), day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
        }
    }

    /** Those of the days whose backups go. */
    static List<LocalDate> superfluous(Collection<LocalDate> days, LocalDate today) {
        List<LocalDate> latestFirst =
                days.stream().sorted(Comparator.reverseOrder()).toList();
        Set<Week> kept = new HashSet<>();
        return latestFirst.stream()
                .filter(day -> {
                    long age = ChronoUnit.DAYS.between(day, today);
                    boolean latestOfWeek =
                            age < DAYS * (WEEKS + 1) && kept.size() < WEEKS + 1 && kept.add(Week.of(day));
                    return age >= DAYS && !latestOfWeek;
                })
                .toList();
    }
}
