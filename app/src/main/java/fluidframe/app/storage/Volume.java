package fluidframe.app.storage;

import java.nio.file.Files;
import java.nio.file.Path;

/** Where the database file lies. */
public interface Volume {

    /** Bytes that can still be written. */
    long room();

    /** Whether the file, and what is written beside it, may be written. */
    boolean permitsWriting();

    /** The volume of a file of this machine, whether or not it exists yet. */
    static Volume of(Path file) {
        Path folder = file.toAbsolutePath().getParent();
        return new Volume() {
            @Override
            public long room() {
                return folder.toFile().getUsableSpace();
            }

            @Override
            public boolean permitsWriting() {
                return Files.isWritable(folder) && (Files.notExists(file) || Files.isWritable(file));
            }
        };
    }
}
