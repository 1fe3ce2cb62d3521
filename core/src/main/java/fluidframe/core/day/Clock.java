package fluidframe.core.day;

import java.util.Locale;

/** Times of day as people read them. */
final class Clock {

    private static final int MINUTES = 60;

    private Clock() {}

    /** "09:05". */
    static String time(int minutesSinceMidnight) {
        return String.format(Locale.ROOT, "%02d:%02d", minutesSinceMidnight / MINUTES, minutesSinceMidnight % MINUTES);
    }

    static String minutes(int minutes) {
        return minutes + (minutes == 1 ? " minute" : " minutes");
    }
}
