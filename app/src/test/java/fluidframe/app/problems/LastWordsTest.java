package fluidframe.app.problems;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** A program without memory ends and says so, instead of living on without answering anybody. */
class LastWordsTest {

    @Test
    void aThreadWithoutMemoryEndsTheProgram() throws Exception {
        Process program = start(Greedy.class, "-Xmx24m");
        String said = new String(program.getErrorStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(program.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(program.exitValue()).isEqualTo(3);
        assertThat(said).contains("no memory left").contains("Everything you saved is safe");
    }

    private static Process start(Class<?> main, String memory) throws IOException {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return new ProcessBuilder(java, memory, "-cp", System.getProperty("java.class.path"), main.getName()).start();
    }

    /** A program that goes on for ever beside a thread that wants all the memory there is. */
    static final class Greedy {

        public static void main(String[] arguments) throws InterruptedException {
            LastWords.listen();
            Thread greedy = new Thread(() -> {
                List<byte[]> taken = new ArrayList<>();
                for (; ; ) {
                    taken.add(new byte[1 << 20]);
                }
            });
            greedy.start();
            Thread.sleep(TimeUnit.MINUTES.toMillis(1));
        }
    }
}
