package fluidframe.core.approved;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * Answers of the core that were read and approved, line by line. After an intended change {@code -Dfluidframe.approve}
 * writes them anew; the difference is read before it is committed.
 */
final class Approved {

    private static final Path FOLDER = Path.of("src/test/resources/fluidframe/core/approved");

    private Approved() {}

    static void assertApproved(String name, List<String> lines) throws IOException {
        Path file = FOLDER.resolve(name + ".txt");
        String text = String.join("\n", lines) + "\n";
        if (System.getProperty("fluidframe.approve") != null) {
            Files.createDirectories(file.getParent());
            Files.writeString(file, text);
        }
        assertThat(file).hasContent(text);
    }
}
