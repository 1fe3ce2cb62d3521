package fluidframe.app.start;

import fluidframe.app.storage.DatabaseCheck;
import fluidframe.app.storage.DatabaseFile;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Set;

/** What would keep the program from starting, found out before anything is opened for writing. */
final class StartCheck {

    private static final String UNTOUCHED = "Nothing was changed.";

    private StartCheck() {}

    /** @throws CannotStartException if the folder cannot hold the data */
    static void folder(Path folder) {
        if (folder.toString().contains(";")) {
            throw new CannotStartException(
                    "The data folder " + folder + " has a semicolon in its name.",
                    UNTOUCHED,
                    "Name another one with DATA_DIR.");
        }
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new CannotStartException(
                    "The data folder " + folder + " cannot be made: " + reason(e) + ".",
                    UNTOUCHED,
                    "Name a folder with DATA_DIR that may be written to.");
        }
        if (!DatabaseFile.in(folder).exists() && !Files.isWritable(folder)) {
            throw new CannotStartException(
                    "There is no data in " + folder + " yet, and the folder may not be written to.",
                    UNTOUCHED,
                    "Name a folder with DATA_DIR that may be written to.");
        }
    }

    /** @throws CannotStartException if another program has the file open */
    static void isFree(DatabaseFile file) {
        if (file.exists() && isInUse(file.path())) {
            throw new CannotStartException(
                    "Another program is using the data in " + file.folder() + ".",
                    "The data was left as it was.",
                    "Stop the other program first, or name another folder with DATA_DIR.");
        }
    }

    static boolean isInUse(Path file) {
        boolean writable = Files.isWritable(file);
        Set<StandardOpenOption> options =
                writable ? Set.of(StandardOpenOption.READ, StandardOpenOption.WRITE) : Set.of(StandardOpenOption.READ);
        try (FileChannel channel = FileChannel.open(file, options);
                FileLock lock = channel.tryLock(0, Long.MAX_VALUE, !writable)) {
            return lock == null;
        } catch (OverlappingFileLockException e) {
            return true;
        } catch (IOException e) {
            throw new CannotStartException(
                    "The data file " + file + " cannot be opened: " + reason(e) + ".",
                    "It was left as it was.",
                    "Make it readable and start again.");
        }
    }

    /** @throws CannotStartException if the file is damaged or of a newer program */
    static void isSound(DatabaseFile file) {
        DatabaseCheck.Result result = DatabaseCheck.of(file);
        if (result instanceof DatabaseCheck.Newer newer) {
            throw new CannotStartException(
                    "The data in " + file.folder() + " was saved by a newer Fluid Frame (form " + newer.found()
                            + "; this one knows " + newer.known() + ").",
                    "The file was left as it was.",
                    "Start the newer program, or name another folder with DATA_DIR.");
        }
        if (result instanceof DatabaseCheck.Damaged damaged) {
            throw new CannotStartException(
                    "The data file " + file.path() + " is damaged: " + damaged.where() + ".",
                    "The file was left as it was.",
                    "Restore a backup with ./restore " + file.folder().resolve("backups") + "/NAME.zip,\n"
                            + "or save what can still be read with ./recover; it sets the damaged file aside and says what is missing.");
        }
    }

    /** @throws CannotStartException if the port is taken */
    static void port(String address, int port) {
        try (ServerSocket socket = new ServerSocket()) {
            socket.setReuseAddress(true);
            socket.bind(new InetSocketAddress(address, port));
        } catch (IOException e) {
            throw new CannotStartException(
                    "Port " + port + " of " + address + " cannot be used: " + reason(e) + ".",
                    UNTOUCHED,
                    "Stop the program that uses it, or choose another with PORT=" + (port + 1) + ".");
        }
    }

    private static String reason(IOException e) {
        return e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
    }
}
