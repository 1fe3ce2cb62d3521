package fluidframe.app.backups;

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

    private Retention() {
    }

    private record Week(int year, int number) {

        static Week of(LocalDate day) {
            return new Week(day.get(IsoFields.WEEK_BASED_YEAR), day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
        }
    }

    /** Those of the days whose backups go. */
    static List<LocalDate> superfluous(Collection<LocalDate> days, LocalDate today) {
        List<LocalDate> latestFirst = days.stream().sorted(Comparator.reverseOrder()).toList();
        Set<Week> kept = new HashSet<>();
        return latestFirst.stream().filter(day -> {
            long age = ChronoUnit.DAYS.between(day, today);
            boolean latestOfWeek = age < DAYS * (WEEKS + 1) && kept.size() < WEEKS + 1 && kept.add(Week.of(day));
            return age >= DAYS && !latestOfWeek;
        }).toList();
    }
}
