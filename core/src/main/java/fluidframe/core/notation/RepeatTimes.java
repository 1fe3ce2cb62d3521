package fluidframe.core.notation;

import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How often a unit may be danced: {@code 1-4}, {@code 1, 3, 5}. */
public final class RepeatTimes {

    /** More repeats than any floor is long. */
    public static final int MOST = 16;

    private static final Pattern RANGE = Pattern.compile("(\\d{1,2})(?:\\s*[-–]\\s*(\\d{1,2}))?");

    private RepeatTimes() {}

    /** @throws UnreadableTextException if the text names no numbers from 1 to {@value #MOST} */
    public static SortedSet<Integer> parse(String text) {
        SortedSet<Integer> times = new TreeSet<>();
        for (String piece : text.split(",")) {
            Matcher matcher = RANGE.matcher(piece.strip());
            int first = matcher.matches() ? Integer.parseInt(matcher.group(1)) : 0;
            int last = first > 0 && matcher.group(2) != null ? Integer.parseInt(matcher.group(2)) : first;
            if (first < 1 || last < first || last > MOST) {
                throw new UnreadableTextException(text, NotationSentences.numbersOfRepeatsFrom1To(MOST));
            }
            for (int n = first; n <= last; n++) {
                times.add(n);
            }
        }
        return times;
    }

    /** The canonical text: runs of three or more as a range. */
    public static String write(SortedSet<Integer> times) {
        List<String> pieces = new ArrayList<>();
        List<Integer> sorted = List.copyOf(times);
        for (int i = 0; i < sorted.size(); i++) {
            int last = i;
            while (last + 1 < sorted.size() && sorted.get(last + 1) == sorted.get(last) + 1) {
                last++;
            }
            if (last > i + 1) {
                pieces.add(sorted.get(i) + "-" + sorted.get(last));
                i = last;
            } else {
                pieces.add(String.valueOf(sorted.get(i)));
            }
        }
        return String.join(", ", pieces);
    }
}
