package fluidframe.core.figure;

import java.util.Optional;

/**
 * How freely a figure may be used, as far as its charts do not say it.
 *
 * @param eitherFoot whether it is danced from either foot, the other way as in a mirror
 * @param curve how much it may be curved from where it is charted, sixteenths of a turn, to either side
 * @param opens whether a routine may begin with it; told by its charts if empty
 * @param closes whether a routine may end with it; told by its charts if empty
 */
public record Usage(boolean eitherFoot, int curve, Optional<Boolean> opens, Optional<Boolean> closes) {

    public static final Usage PLAIN = new Usage(false, 0, Optional.empty(), Optional.empty());

    /** More than a quarter is no longer a curve but another figure. */
    public static final int MOST_CURVE = 4;
}
