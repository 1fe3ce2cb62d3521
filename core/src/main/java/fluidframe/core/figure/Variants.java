package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import java.util.List;
import java.util.Optional;

/**
 * The ways a figure may be danced besides the one its charts show.
 *
 * @param timings other counts for the same rows
 * @param splits parts it may be used in
 * @param finishes other endings
 * @param repeat rows that may be danced again and again
 * @param manSchool the school the man's chart is written in, if it matters
 * @param ladySchool the school the lady's chart is written in
 * @param schools the same figure in other schools, named by the school
 * @param entries other beginnings
 * @param usage how freely it may be used
 */
public record Variants(
        List<NamedTiming> timings,
        List<Split> splits,
        List<Variation> finishes,
        Optional<RepeatUnit> repeat,
        Optional<School> manSchool,
        Optional<School> ladySchool,
        List<Variation> schools,
        List<Variation> entries,
        Usage usage) {

    public static final Variants NONE = new Variants(
            List.of(),
            List.of(),
            List.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            List.of(),
            List.of(),
            Usage.PLAIN);

    public Variants {
        timings = List.copyOf(timings);
        splits = List.copyOf(splits);
        finishes = List.copyOf(finishes);
        schools = List.copyOf(schools);
        entries = List.copyOf(entries);
    }

    /** The part of a name, or any steps named so. */
    public Optional<Split> split(String name) {
        return splits.stream()
                .filter(split -> split.name().equals(name))
                .findFirst()
                .or(() -> Split.ofSteps(name));
    }

    /**
     * The schools its charts are written in and how freely it may be used; of other rows than those its ways name
     * nothing else is left.
     */
    Variants ofOtherRows() {
        return new Variants(
                List.of(), List.of(), List.of(), Optional.empty(), manSchool, ladySchool, List.of(), List.of(), usage);
    }

    public Optional<School> school(Part part) {
        return part == Part.MAN ? manSchool : ladySchool;
    }
}
