package fluidframe.core.day;

import java.util.Locale;

/** Times of day as people read them. */
final class TimeOfDay {

    private static final int MINUTES = 60;

    private TimeOfDay() {}

    /** "09:05". */
    static String time(int minutesSinceMidnight) {
        return String.format(Locale.ROOT, "%02d:%02d", minutesSinceMidnight / MINUTES, minutesSinceMidnight % MINUTES);
    }

    static String minutes(int minutes) {
        return DaySentences.minutes(minutes);
    }
}
