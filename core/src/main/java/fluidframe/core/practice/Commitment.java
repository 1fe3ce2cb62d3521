package fluidframe.core.practice;

import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A routine that a couple are to dance, and when.
 *
 * @param routine its title
 * @param figures the ids of its figures in the order in which they are danced
 * @param event where it is danced; empty where it is only in work
 */
public record Commitment(String routine, List<String> figures, Optional<Occasion> event) {

    /** An event and its day. */
    public record Occasion(String title, LocalDate date) {}

    public Commitment {
        figures = List.copyOf(figures);
    }

    /** Its figures and its seams. */
    public Set<Subject> subjects() {
        Stream<Subject> wholes = figures.stream().distinct().map(Subject.Whole::new);
        Stream<Subject> seams = IntStream.range(1, figures.size())
                .filter(i -> !figures.get(i - 1).equals(figures.get(i)))
                .mapToObj(i -> new Subject.Seam(figures.get(i - 1), figures.get(i)));
        return Stream.concat(wholes, seams).collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
