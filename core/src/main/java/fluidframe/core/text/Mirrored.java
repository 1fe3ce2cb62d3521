package fluidframe.core.text;

import java.util.Map;
import java.util.regex.Pattern;

/** A coach's own words seen in a mirror: left becomes right, and what they are short for. Twice is the same again. */
public final class Mirrored {

    private static final Pattern SIDES =
            Pattern.compile("(?<![\\p{L}\\p{N}_])(left|right|Left|Right|LF|RF|L|R)(?![\\p{L}\\p{N}_])");
    private static final Map<String, String> OTHER = Map.of(
            "left", "right", "right", "left", "Left", "Right", "Right", "Left", "LF", "RF", "RF", "LF", "L", "R", "R",
            "L");

    private Mirrored() {}

    public static String of(String text) {
        return SIDES.matcher(text).replaceAll(side -> OTHER.get(side.group(1)));
    }
}
