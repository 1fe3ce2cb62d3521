package fluidframe.core.figure;

import java.util.List;

/**
 * The figures a syllabus lists before and after a figure, by id.
 *
 * @param bind whether a syllabus speaks of it at all; beside an element anything may stand
 */
public record Neighbours(List<String> follows, List<String> precedes, boolean bind) {

    public static final Neighbours ANY = new Neighbours(List.of(), List.of(), false);

    public Neighbours {
        follows = List.copyOf(follows);
        precedes = List.copyOf(precedes);
    }

    public Neighbours(List<String> follows, List<String> precedes) {
        this(follows, precedes, true);
    }

    /** Whether one of the two lists the other. */
    public static boolean areListed(Figure before, Figure after) {
        return before.neighbours().precedes.contains(after.id())
                || after.neighbours().follows.contains(before.id());
    }
}
