package fluidframe.app.start;

import fluidframe.app.storage.DatabaseFile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * The database a first start begins with: the build has already taken in the shipped books through the importer, so
 * nobody waits for it. Where the build has left none, or there is a database already, nothing is done; an empty
 * database takes the books in when it starts.
 */
public final class FirstDatabase {

    private static final String NAME = "first";
    private static final String PLACE = "/fluidframe/" + NAME + ".mv.db";

    private FirstDatabase() {}

    /**
     * Takes away what an earlier build has left.
     *
     * @param folder where the build makes the database
     * @return its address
     */
    static String empty(Path folder) {
        try {
            Files.deleteIfExists(folder.resolve(NAME + ".mv.db"));
        } catch (IOException e) {
            throw new UncheckedIOException("The first database of an earlier build could not be deleted.", e);
        }
        return "jdbc:h2:file:" + folder.toAbsolutePath().resolve(NAME);
    }

    /** @param file where the data is to be kept */
    public static void layOut(DatabaseFile file) {
        try (InputStream first = FirstDatabase.class.getResourceAsStream(PLACE)) {
            if (first != null && !file.exists()) {
                Files.createDirectories(file.folder());
                Path whole = Files.createTempFile(file.folder(), "fluidframe", ".new");
                Files.write(whole, first.readAllBytes());
                Files.move(whole, file.path());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("The first database could not be written to " + file.folder() + ".", e);
        }
    }
}
