package fluidframe.core.text;

import java.util.List;

/** Several things said one after another. */
public final class Series {

    private Series() {}

    /** "one", "one and two", "one, two and three"; nothing of nothing. */
    public static String of(List<String> things) {
        int last = things.size() - 1;
        return last < 1
                ? String.join("", things)
                : String.join(", ", things.subList(0, last)) + " and " + things.get(last);
    }
}
