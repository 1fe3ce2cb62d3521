package fluidframe.app.start;

import fluidframe.app.backups.Backups;
import fluidframe.app.backups.OfflineBackup;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.start.CommandLine.Place;
import fluidframe.app.storage.DatabaseCheck;
import fluidframe.app.storage.Presence;
import fluidframe.app.storage.Salvage;
import fluidframe.app.storage.Stamp;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.context.ApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is done with the data from the command line, whether the program is running or not. */
final class Errand {

    private static final String UNTOUCHED = StartSentences.nothingWasChanged();

    private final Place place;

    Errand(Place place) {
        this.place = place;
    }

    /** @param file where the backup goes; empty for the folder beside the data */
    void backUp(Optional<Path> file) {
        requireData();
        Path folder = place.file().folder().resolve("backups");
        Path target = file.orElseGet(() -> folder.resolve("backup-" + Stamp.now() + ".zip"));
        try {
            Files.createDirectories(target.toAbsolutePath().getParent());
            if (StartCheck.isInUse(place.file().path())) {
                String name = ask("/api/backups", BodyPublishers.noBody(), "application/json")
                        .path("name")
                        .asString();
                if (Files.notExists(folder.resolve(name))) {
                    throw new CannotStartException(
                            StartSentences.theProgramMadeABackupBut(folder),
                            UNTOUCHED,
                            StartSentences.lookIntoTheDataFolderOf());
                }
                if (file.isPresent()) {
                    Files.move(folder.resolve(name), target);
                } else {
                    target = folder.resolve(name);
                }
            } else {
                StartCheck.isSound(place.file());
                OfflineBackup.make(place.file(), target);
            }
            System.out.println(StartSentences.everythingIsIn(target));
        } catch (IOException e) {
            throw new CannotStartException(
                    StartSentences.theBackupCannotBeWrittenTo(target, e.getMessage()),
                    UNTOUCHED,
                    StartSentences.makeRoomOrNameAnotherFile());
        }
    }

    /**
     * @param program starts the program with some properties and gives what closes it: a backup is brought back in one
     *     way only
     */
    void restore(Path backup, Function<Map<String, Object>, AutoCloseable> program) {
        if (Files.notExists(backup)) {
            throw new CannotStartException(
                    StartSentences.thereIsNoFile(backup),
                    UNTOUCHED,
                    StartSentences.nameABackupSuchAsName(place.file().folder().resolve("backups")));
        }
        StartCheck.folder(place.file().folder());
        try {
            if (place.file().exists() && StartCheck.isInUse(place.file().path())) {
                JsonNode restored = ask("/api/restorations", BodyPublishers.ofFile(backup), "application/zip");
                tell(
                        restored.path("figures").asInt(),
                        restored.path("routines").asInt(),
                        restored.path("before").asString());
            } else {
                Backups.Restored restored = restoreAtRest(backup, program);
                tell(restored.figures(), restored.routines(), restored.before());
            }
        } catch (RefusedException e) {
            throw new CannotStartException(
                    e.getMessage(), StartSentences.theDataIsAsItWas(), StartSentences.tryAnotherBackup());
        } catch (IOException e) {
            throw new CannotStartException(
                    StartSentences.theBackupCannotBeRestored(e.getMessage()),
                    StartSentences.theDataIsAsItWas(),
                    StartSentences.makeRoomOnTheDiskAnd());
        }
    }

    private void tell(int figures, int routines, String before) {
        System.out.println(StartSentences.restoredFiguresAndRoutinesWhatThere(
                figures, routines, place.file().folder().resolve("backups").resolve(before)));
    }

    /** Data that cannot be opened is set aside first, and put back if nothing comes of it. */
    private Backups.Restored restoreAtRest(Path backup, Function<Map<String, Object>, AutoCloseable> program)
            throws IOException {
        OfflineBackup.check(backup);
        boolean opens = place.file().exists() && DatabaseCheck.of(place.file()) instanceof DatabaseCheck.Sound;
        Optional<Path> aside = opens ? Optional.empty() : SetAside.move(place.file(), "restore");
        aside.ifPresent(kept -> System.out.println(StartSentences.theDataThereWasCannotBe(kept)));
        FirstDatabase.layOut(place.file());
        boolean back = false;
        try (AutoCloseable running = program.apply(Map.of(
                "spring.datasource.url",
                place.file().url(),
                "server.address",
                "127.0.0.1",
                "server.port",
                0,
                "fluidframe.warming-rounds",
                0))) {
            Backups.Restored restored =
                    ((ApplicationContext) running).getBean(Backups.class).restore(backup);
            back = true;
            return restored;
        } catch (IOException | RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IllegalStateException("The program could not be ended.", e);
        } finally {
            if (!back && aside.isPresent()) {
                Files.move(aside.get(), place.file().path(), StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }

    void recover() {
        requireData();
        StartCheck.isFree(place.file());
        try {
            Salvage.Report report = Salvage.of(place.file());
            SetAside.move(place.file(), "recovery")
                    .ifPresent(aside -> System.out.println(StartSentences.theDamagedDataIsNowIn(aside)));
            report.sound().moveTo(place.file());
            report.sound().close();
            report.saved()
                    .forEach((table, rows) ->
                            System.out.println(StartSentences.savedFrom(table.replace('_', ' '), rows)));
            System.out.println(
                    report.lost().isEmpty()
                            ? StartSentences.nothingIsMissing()
                            : StartSentences.couldNotBeRead(String.join(", ", report.lost())));
        } catch (SQLException | IOException | UncheckedIOException e) {
            throw new CannotStartException(
                    StartSentences.nothingOfTheFileCouldBe(e.getMessage()),
                    StartSentences.itWasLeftAsItWas(),
                    StartSentences.restoreABackupWithRestore());
        }
    }

    private void requireData() {
        if (!place.file().exists()) {
            throw new CannotStartException(
                    StartSentences.thereIsNoDataIn(place.file().folder()),
                    UNTOUCHED,
                    StartSentences.nameItsFolderWithDataDir());
        }
    }

    private JsonNode ask(String path, BodyPublisher body, String type) throws IOException {
        Presence.Place program = Presence.in(place.file().folder())
                .orElseThrow(() -> new CannotStartException(
                        StartSentences.aProgramIsUsingTheDataAndSays(
                                place.file().folder()),
                        UNTOUCHED,
                        StartSentences.stopItFirst()));
        URI address = URI.create(program.address() + path);
        try {
            HttpRequest request = HttpRequest.newBuilder(address)
                    .header("Content-Type", type)
                    .header(Presence.HEADER, program.word())
                    .POST(body)
                    .build();
            HttpResponse<String> answer = HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
            JsonNode json = JsonMapper.shared().readTree(answer.body());
            if (answer.statusCode() >= 300) {
                throw new CannotStartException(
                        StartSentences.theRunningProgramRefused(
                                json.path("detail").asString(StartSentences.itAnswered(answer.statusCode()))),
                        UNTOUCHED,
                        StartSentences.doWhatItSaysAndTry());
            }
            return json;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CannotStartException(
                    StartSentences.stoppedWhileTheProgramWasAsked(), UNTOUCHED, StartSentences.tryAgain());
        } catch (IOException e) {
            throw new CannotStartException(
                    StartSentences.aProgramIsUsingTheDataBut(address),
                    UNTOUCHED,
                    StartSentences.stopItFirstAndTryAgain());
        }
    }
}
