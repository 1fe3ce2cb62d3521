package fluidframe.app.storage;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;
import org.apache.commons.codec.digest.DigestUtils;

/**
 * The file in which everything is kept. When the program ends it seals the file: it notes its checksum beside it, so
 * that the next start knows whether a single byte has changed since.
 */
public final class DatabaseFile {

    /** As whom the file is opened; it has no password. */
    public static final String USER = "fluidframe";

    private static final String NAME = "fluidframe";

    private final Path path;
    private final Path seal;

    /** @param base the file's path without its ending */
    private DatabaseFile(Path base) {
        this.path = base.resolveSibling(base.getFileName() + ".mv.db");
        this.seal = base.resolveSibling(base.getFileName() + ".sum");
    }

    public static DatabaseFile in(Path folder) {
        return new DatabaseFile(folder.resolve(NAME));
    }

    /** The file that an H2 address names. */
    public static DatabaseFile at(String url) {
        String path = url.substring("jdbc:h2:file:".length()).split(";", 2)[0];
        return new DatabaseFile(Path.of(path));
    }

    /** Its H2 address. */
    public String url() {
        String name = path.toString();
        return "jdbc:h2:file:" + name.substring(0, name.length() - ".mv.db".length())
                + ";DB_CLOSE_ON_EXIT=FALSE;TRACE_LEVEL_FILE=0";
    }

    public Path path() {
        return path;
    }

    public Path folder() {
        return path.toAbsolutePath().getParent();
    }

    public boolean exists() {
        return Files.exists(path);
    }

    /** By what the file that stands there now is known to the system, or nothing if there is none. */
    Object identity() {
        try {
            return Optional.<Object>ofNullable(Files.readAttributes(path, BasicFileAttributes.class)
                            .fileKey())
                    .orElse(path);
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Whether the file of that identity still stands there. */
    boolean isThere(Object identity) {
        return identity().equals(identity);
    }

    /** How large it is; 0 if there is none. */
    public long bytes() {
        try {
            return exists() ? Files.size(path) : 0;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether it is, to the last byte, what the program left when it ended. */
    public boolean isSealed() {
        try {
            return exists() && Files.exists(seal) && sealWords()[0].equals(checksum());
        } catch (IOException e) {
            throw new UncheckedIOException("The checksum of " + path + " cannot be read.", e);
        }
    }

    /** The form of the data in a sealed file, as the number of the last migration. */
    int sealedForm() {
        try {
            String[] words = sealWords();
            return words.length > 1 ? Integer.parseInt(words[1]) : 0;
        } catch (IOException e) {
            throw new UncheckedIOException("The checksum of " + path + " cannot be read.", e);
        }
    }

    private String[] sealWords() throws IOException {
        return Files.readString(seal).strip().split(" ");
    }

    /** @param form the form of the data in it */
    void seal(int form) {
        try {
            Files.writeString(seal, checksum() + " " + form + "\n");
        } catch (IOException e) {
            throw new UncheckedIOException("The checksum of " + path + " cannot be written.", e);
        }
    }

    void unseal() {
        try {
            Files.deleteIfExists(seal);
        } catch (IOException e) {
            throw new UncheckedIOException("The checksum of " + path + " cannot be deleted.", e);
        }
    }

    private String checksum() throws IOException {
        try (InputStream file = Files.newInputStream(path)) {
            return DigestUtils.sha256Hex(file);
        }
    }
}
