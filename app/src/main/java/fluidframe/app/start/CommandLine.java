package fluidframe.app.start;

import fluidframe.app.storage.DatabaseFile;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.springframework.util.FileSystemUtils;

/** What the program is started for. */
public sealed interface CommandLine
        permits CommandLine.Serve,
                CommandLine.Prepare,
                CommandLine.StartOnce,
                CommandLine.BackUp,
                CommandLine.Restore,
                CommandLine.Recover {

    String PREPARE = "--prepare";
    String START_ONCE = "--start-once";
    String RESET = "--reset";
    String BACKUP = "--backup";
    String RESTORE = "--restore";
    String RECOVER = "--recover";

    /**
     * @param environment DATA_DIR, PORT and BIND say where
     * @throws CannotStartException where it asks for something else than there is
     */
    static CommandLine of(String[] args, Map<String, String> environment) {
        if (args.length == 0) {
            return new Serve(Place.of(environment), false);
        }
        if (args.length == 1 && args[0].equals(RESET)) {
            return new Serve(Place.of(environment), true);
        }
        if (args.length == 2 && args[0].equals(PREPARE)) {
            return new Prepare(Path.of(args[1]));
        }
        if (args.length == 1 && args[0].equals(START_ONCE)) {
            return new StartOnce();
        }
        if (args.length <= 2 && args[0].equals(BACKUP)) {
            return new BackUp(
                    Place.of(environment), args.length == 2 ? Optional.of(Path.of(args[1])) : Optional.empty());
        }
        if (args.length == 2 && args[0].equals(RESTORE)) {
            return new Restore(Place.of(environment), Path.of(args[1]));
        }
        if (args.length == 1 && args[0].equals(RECOVER)) {
            return new Recover(Place.of(environment));
        }
        throw new CannotStartException(
                StartSentences.thereIsNothingCalled(String.join(" ", args)),
                StartSentences.nothingWasChanged(),
                StartSentences.startItWithoutArgumentsToServe());
    }

    /**
     * @param program starts the program with these properties and gives what closes it
     * @throws CannotStartException where it cannot be done
     */
    void run(Function<Map<String, Object>, AutoCloseable> program);

    /** Where the data is and where the program answers. */
    record Place(DatabaseFile file, String address, int port) {

        private static final Pattern PORT = Pattern.compile("\\d{1,5}");

        static Place of(Map<String, String> environment) {
            Path folder = Path.of(Optional.ofNullable(environment.get("DATA_DIR"))
                            .filter(text -> !text.isBlank())
                            .orElse("data"))
                    .toAbsolutePath()
                    .normalize();
            String port = environment.getOrDefault("PORT", "8080");
            if (!PORT.matcher(port).matches() || Integer.parseInt(port) > 65535) {
                throw new CannotStartException(
                        StartSentences.portIs(port),
                        StartSentences.nothingWasChanged(),
                        StartSentences.giveANumberFrom1To());
            }
            return new Place(
                    DatabaseFile.in(folder), environment.getOrDefault("BIND", "127.0.0.1"), Integer.parseInt(port));
        }
    }

    /**
     * The program itself.
     *
     * @param reset whether it begins with the demo data as it was shipped; what was there is set aside
     */
    record Serve(Place place, boolean reset) implements CommandLine {

        @Override
        public void run(Function<Map<String, Object>, AutoCloseable> program) {
            StartCheck.folder(place.file().folder());
            StartCheck.isFree(place.file());
            StartCheck.port(place.address(), place.port());
            if (reset) {
                SetAside.move(place.file(), "reset")
                        .ifPresent(aside -> System.out.println(StartSentences.thePreviousDataIsIn(aside)));
            }
            StartCheck.isSound(place.file());
            FirstDatabase.layOut(place.file());
            try {
                program.apply(Map.of(
                        "spring.datasource.url",
                        place.file().url(),
                        "server.address",
                        place.address(),
                        "server.port",
                        place.port()));
            } catch (RuntimeException e) {
                throw StartFailure.of(e, place);
            }
        }
    }

    /** Only makes the database that a first start begins with; the build asks for it. */
    record Prepare(Path folder) implements CommandLine {

        @Override
        public void run(Function<Map<String, Object>, AutoCloseable> program) {
            String url = FirstDatabase.empty(folder);
            try (AutoCloseable running = program.apply(
                    Map.of("spring.datasource.url", url, "server.port", 0, "fluidframe.warming-rounds", 0))) {
                running.hashCode();
            } catch (Exception e) {
                throw new IllegalStateException("The first database could not be made.", e);
            }
        }
    }

    /**
     * Only starts, answers what a coach's browser asks for first, and ends; the build watches which classes that needs.
     */
    record StartOnce() implements CommandLine {

        private static final List<String> ASKED_FIRST = List.of(
                "/",
                "/api/figures",
                "/api/figures?dance=waltz",
                "/api/figures/waltz-whisk",
                "/api/dances",
                "/api/notation",
                "/api/routines",
                "/api/routines/lamplight-waltz/score",
                "/api/link-maps?dance=waltz");

        @Override
        public void run(Function<Map<String, Object>, AutoCloseable> program) {
            try {
                Path folder = Files.createTempDirectory("fluidframe-start");
                DatabaseFile file = DatabaseFile.in(folder);
                FirstDatabase.layOut(file);
                int port = freePort();
                try (AutoCloseable running = program.apply(Map.of(
                        "spring.datasource.url", file.url(), "server.address", "127.0.0.1", "server.port", port))) {
                    ask("http://127.0.0.1:" + port);
                    running.hashCode();
                }
                FileSystemUtils.deleteRecursively(folder);
            } catch (Exception e) {
                throw new IllegalStateException("It could not be started once.", e);
            }
        }

        private static void ask(String address) throws IOException, InterruptedException {
            HttpClient client = HttpClient.newHttpClient();
            for (String path : ASKED_FIRST) {
                int status = client.send(
                                HttpRequest.newBuilder(URI.create(address + path))
                                        .build(),
                                HttpResponse.BodyHandlers.discarding())
                        .statusCode();
                if (status >= 400) {
                    throw new IllegalStateException(path + " was answered " + status);
                }
            }
        }

        private static int freePort() throws IOException {
            try (ServerSocket socket = new ServerSocket(0)) {
                return socket.getLocalPort();
            }
        }
    }

    /** Makes a backup, of a running program too. */
    record BackUp(Place place, Optional<Path> target) implements CommandLine {

        @Override
        public void run(Function<Map<String, Object>, AutoCloseable> program) {
            new Errand(place).backUp(target);
        }
    }

    /** Brings a backup back, into a running program too. */
    record Restore(Place place, Path backup) implements CommandLine {

        @Override
        public void run(Function<Map<String, Object>, AutoCloseable> program) {
            new Errand(place).restore(backup, program);
        }
    }

    /** Saves from a damaged file what can be read. */
    record Recover(Place place) implements CommandLine {

        @Override
        public void run(Function<Map<String, Object>, AutoCloseable> program) {
            new Errand(place).recover();
        }
    }
}
