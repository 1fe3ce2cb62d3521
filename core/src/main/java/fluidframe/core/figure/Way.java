package fluidframe.core.figure;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One way of dancing a figure, by the names it gives its variants.
 *
 * @param split the part that is danced; all of it if empty
 * @param finish another finish
 * @param timing another count
 * @param repeats how often its unit is danced in all
 * @param school another school
 * @param entry another entry
 * @param otherFoot whether it is danced from the other foot, as in a mirror
 */
@RecordBuilder
public record Way(
        Optional<String> split,
        Optional<String> finish,
        Optional<String> timing,
        int repeats,
        Optional<String> school,
        Optional<String> entry,
        boolean otherFoot)
        implements WayBuilder.With {

    public static final Way AS_CHARTED =
            new Way(Optional.empty(), Optional.empty(), Optional.empty(), 1, Optional.empty(), Optional.empty(), false);

    public boolean isAsCharted() {
        return equals(AS_CHARTED);
    }

    public Way withSplit(String name) {
        return withSplit(Optional.of(name));
    }

    public Way withFinish(String name) {
        return withFinish(Optional.of(name));
    }

    public Way withTiming(String name) {
        return withTiming(Optional.of(name));
    }

    public Way withSchool(String name) {
        return withSchool(Optional.of(name));
    }

    public Way withEntry(String name) {
        return withEntry(Optional.of(name));
    }

    public Way onOtherFoot() {
        return withOtherFoot(true);
    }

    /** How many of its variants are not as charted. */
    public int changes() {
        return (int) Stream.of(split, finish, timing, school, entry)
                        .filter(Optional::isPresent)
                        .count()
                + (repeats == 1 ? 0 : 1)
                + (otherFoot ? 1 : 0);
    }

    /** "1–3, underturned, 2 times"; empty as charted. */
    public String wording() {
        return Stream.of(
                        split,
                        entry,
                        finish,
                        timing,
                        school,
                        otherFoot ? Optional.of(FigureSentences.fromTheOtherFoot()) : Optional.<String>empty(),
                        repeats == 1 ? Optional.<String>empty() : Optional.of(repeats + " times"))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
    }
}
