package fluidframe.e2e;

import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The real jar, on a port that it finds free itself, with its data in a folder of its own; it can be stopped and
 * started again, at the address it had.
 */
final class RunningProgram {

    private static final Duration PATIENCE = Duration.ofSeconds(90);
    private static final int ANY_PORT = 0;
    private static final Pattern STARTED = Pattern.compile("started on port (\\d+)");

    private final Path data;
    private int port = ANY_PORT;
    private Process process;

    RunningProgram(Path data) {
        this.data = data;
    }

    String address() {
        return "http://127.0.0.1:" + port + "/";
    }

    /**
     * Starts it, with nothing worked out that no test asks for and time enough for a proof on a busy machine, and waits
     * until the demo data is there and a routine has been laid out once: the first time takes seconds on a busy
     * machine.
     */
    void start() throws IOException, InterruptedException {
        Path jar = Path.of(System.getProperty("fluidframe.jar"));
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        command.addAll(List.of(System.getProperty("fluidframe.options").split(" ")));
        command.addAll(
                List.of("-XX:SharedArchiveFile=" + jar.resolveSibling("fluidframe.jsa"), "-jar", jar.toString()));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().put("PORT", String.valueOf(port));
        builder.environment().put("DATA_DIR", data.toString());
        builder.environment().put("FLUIDFRAME_PREPARED_AFTER", "1h");
        builder.environment().put("FLUIDFRAME_SEARCHTIMEFACTOR", "4");
        builder.environment().put("LOGGING_LEVEL_ORG_SPRINGFRAMEWORK_BOOT_TOMCAT", "info");
        builder.redirectErrorStream(true).redirectOutput(data.resolve("log").toFile());
        process = builder.start();
        Instant until = Instant.now().plus(PATIENCE);
        while (!isListening()
                || !answers("api/routines", "ferry-night-rumba")
                || !answers("api/routines/ferry-night-rumba/score", "placements")) {
            if (!process.isAlive() || Instant.now().isAfter(until)) {
                throw new IllegalStateException("the program did not start; see " + data.resolve("log"));
            }
            Thread.sleep(200);
        }
    }

    /** Where it listens is known from what it says of itself, which may just be being written. */
    private boolean isListening() throws IOException {
        Matcher started = STARTED.matcher(Files.readString(data.resolve("log"), StandardCharsets.ISO_8859_1));
        if (started.find()) {
            port = Integer.parseInt(started.group(1));
        }
        return port != ANY_PORT;
    }

    private boolean answers(String path, String expected) throws InterruptedException {
        try {
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(address() + path)).build(),
                            HttpResponse.BodyHandlers.ofString());
            return answer.statusCode() == HttpURLConnection.HTTP_OK
                    && answer.body().contains(expected);
        } catch (IOException notYet) {
            return false;
        }
    }

    void restart() throws IOException, InterruptedException {
        end();
        start();
    }

    void end() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException e) {
            process.destroyForcibly();
            Thread.currentThread().interrupt();
        }
    }
}
