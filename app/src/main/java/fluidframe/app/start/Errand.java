package fluidframe.app.start;

import fluidframe.app.backups.OfflineBackup;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.start.CommandLine.Place;
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
import java.sql.SQLException;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is done with the data from the command line, whether the program is running or not. */
final class Errand {

    private static final String UNTOUCHED = "Nothing was changed.";

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
                String name = ask("/api/backups", BodyPublishers.noBody(), "application/json").path("name").asString();
                if (file.isPresent()) {
                    Files.move(folder.resolve(name), target);
                } else {
                    target = folder.resolve(name);
                }
            } else {
                StartCheck.isSound(place.file());
                OfflineBackup.make(place.file(), target);
            }
            System.out.println("Everything is in " + target + ".");
        } catch (IOException e) {
            throw new CannotStartException("The backup cannot be written to " + target + ": " + e.getMessage() + ".", UNTOUCHED, "Make room, or name another file.");
        }
    }

    void restore(Path backup) {
        if (Files.notExists(backup)) {
            throw new CannotStartException("There is no file " + backup + ".", UNTOUCHED, "Name a backup, such as " + place.file().folder().resolve("backups") + "/NAME.zip.");
        }
        StartCheck.folder(place.file().folder());
        try {
            if (place.file().exists() && StartCheck.isInUse(place.file().path())) {
                JsonNode restored = ask("/api/restorations", BodyPublishers.ofFile(backup), "application/zip");
                System.out.println("Brought back " + restored.path("figures").asInt() + " figures and " + restored.path("routines").asInt()
                        + " routines; what there was before is in " + place.file().folder().resolve("backups").resolve(restored.path("before").asString()) + ".");
            } else {
                OfflineBackup.restore(backup, place.file(), () -> SetAside.move(place.file(), "restore")
                        .ifPresent(aside -> System.out.println("The data there was is kept in " + aside + ".")));
                System.out.println("Everything in " + backup + " is back.");
            }
        } catch (RefusedException e) {
            throw new CannotStartException(e.getMessage(), "The data is as it was.", "Try another backup.");
        } catch (IOException e) {
            throw new CannotStartException("The backup cannot be brought back: " + e.getMessage() + ".", "The data is as it was.", "Make room on the disk, and try again.");
        }
    }

    void recover() {
        requireData();
        StartCheck.isFree(place.file());
        try {
            Salvage.Report report = Salvage.of(place.file());
            SetAside.move(place.file(), "recovery").ifPresent(aside -> System.out.println("The damaged data is kept in " + aside + "."));
            report.sound().moveTo(place.file());
            report.sound().close();
            report.saved().forEach((table, rows) -> System.out.println("Saved from " + table.replace('_', ' ') + ": " + rows));
            System.out.println(report.lost().isEmpty() ? "Nothing is missing." : "Could not be read: " + String.join(", ", report.lost()) + ".");
        } catch (SQLException | IOException | UncheckedIOException e) {
            throw new CannotStartException("Nothing of the file could be read: " + e.getMessage(), "It was left as it was.", "Bring back a backup with ./restore.");
        }
    }

    private void requireData() {
        if (!place.file().exists()) {
            throw new CannotStartException("There is no data in " + place.file().folder() + ".", UNTOUCHED, "Name its folder with DATA_DIR.");
        }
    }

    private JsonNode ask(String path, BodyPublisher body, String type) throws IOException {
        URI address = URI.create("http://127.0.0.1:" + place.port() + path);
        try {
            HttpResponse<String> answer = HttpClient.newHttpClient().send(HttpRequest.newBuilder(address).header("Content-Type", type).POST(body).build(), BodyHandlers.ofString());
            JsonNode json = JsonMapper.shared().readTree(answer.body());
            if (answer.statusCode() >= 300) {
                throw new CannotStartException("The running program refused: " + json.path("detail").asString("it answered " + answer.statusCode()), UNTOUCHED, "Do what it says, and try again.");
            }
            return json;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CannotStartException("Stopped while the program was asked.", UNTOUCHED, "Try again.");
        } catch (IOException e) {
            throw new CannotStartException("A program is using the data, but none answers at " + address + ".", UNTOUCHED, "Give the PORT it was started with.");
        }
    }
}
