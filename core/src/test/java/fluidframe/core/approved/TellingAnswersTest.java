package fluidframe.core.approved;

import fluidframe.core.Charts;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.RowDraft;
import fluidframe.core.talk.Description;
import fluidframe.core.talk.DescriptionReader;
import fluidframe.core.talk.Taken;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Figures as coaches tell them, and the charts that makes: what was taken from which words, what follows from it, what
 * is left over.
 */
class TellingAnswersTest {

    private static final Path FOLDER = Path.of("src/test/resources/fluidframe/core/told");

    static Stream<Path> tellings() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("tellings")
    void charts(Path file) throws IOException {
        String name = file.getFileName().toString();
        Dance dance = Dances.all().stream()
                .filter(each -> name.startsWith(each.id()))
                .max(Comparator.comparingInt(each -> each.id().length()))
                .orElseThrow();
        String told = Files.readString(file);
        Description description =
                DescriptionReader.tell(told, Charts.figure(dance.id(), "1", List.of(), List.of()), dance);
        FigureDraft figure = description.figure();
        List<String> lines = new ArrayList<>(List.of(
                figure.title() + ", " + figure.bars() + " bars, starts " + figure.start() + " "
                        + figure.startAlignments() + ", ends " + figure.end(),
                "cues " + figure.cues() + ", faults " + figure.faults() + ", drills " + figure.drills()));
        for (Part part : Part.values()) {
            lines.add(part.toString());
            figure.chart(part).stream()
                    .map(RowDraft::cells)
                    .map(cells -> "  " + cells)
                    .forEach(lines::add);
        }
        for (Taken taken : description.taken()) {
            lines.add("\"" + told.substring(taken.from(), taken.to()).replace('\n', ' ') + "\" "
                    + taken.place().pointer() + " = " + taken.text() + (taken.derived() ? ", derived" : ""));
        }
        description.leftovers().forEach(leftover -> lines.add("left over: " + leftover.text()));
        lines.add("derived " + figure.derived());
        Approved.assertApproved("told/" + name.replace(".txt", ""), lines);
    }
}
