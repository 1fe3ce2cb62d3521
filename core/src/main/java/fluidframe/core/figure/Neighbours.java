package fluidframe.core.figure;

import java.util.List;

/** The figures a syllabus lists before and after a figure, by id. */
public record Neighbours(List<String> follows, List<String> precedes) {

    public Neighbours {
        follows = List.copyOf(follows);
        precedes = List.copyOf(precedes);
    }
}
