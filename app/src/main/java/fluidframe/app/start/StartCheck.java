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

    private static final String UNTOUCHED = StartSentences.nothingWasChanged();

    private StartCheck() {}

    /** @throws CannotStartException if the folder cannot hold the data */
    static void folder(Path folder) {
        if (folder.toString().contains(";")) {
            throw new CannotStartException(
                    StartSentences.theDataFolderHasASemicolon(folder),
                    UNTOUCHED,
                    StartSentences.nameAnotherOneWithDataDir());
        }
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new CannotStartException(
                    StartSentences.theDataFolderCannotBeMade(folder, reason(e)),
                    UNTOUCHED,
                    StartSentences.nameAFolderWithDataDir());
        }
        if (!DatabaseFile.in(folder).exists() && !Files.isWritable(folder)) {
            throw new CannotStartException(
                    StartSentences.thereIsNoDataInYet(folder), UNTOUCHED, StartSentences.nameAFolderWithDataDir());
        }
    }

    /** @throws CannotStartException if another program has the file open */
    static void isFree(DatabaseFile file) {
        if (file.exists() && isInUse(file.path())) {
            throw new CannotStartException(
                    StartSentences.anotherProgramIsUsingTheData(file.folder()),
                    StartSentences.theDataWasLeftAsIt(),
                    StartSentences.stopTheOtherProgramFirstOr());
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
                    StartSentences.theDataFileCannotBeOpened(file, reason(e)),
                    StartSentences.itWasLeftAsItWas(),
                    StartSentences.makeItReadableAndStartAgain());
        }
    }

    /** @throws CannotStartException if the file is damaged or of a newer program */
    static void isSound(DatabaseFile file) {
        DatabaseCheck.Result result = DatabaseCheck.of(file);
        if (result instanceof DatabaseCheck.Newer newer) {
            throw new CannotStartException(
                    StartSentences.theDataInWasSavedBy(file.folder(), newer.found(), newer.known()),
                    StartSentences.theFileWasLeftAsIt(),
                    StartSentences.startTheNewerProgramOrName());
        }
        if (result instanceof DatabaseCheck.Damaged damaged) {
            throw new CannotStartException(
                    StartSentences.theDataFileIsDamaged(file.path(), damaged.where()),
                    StartSentences.theFileWasLeftAsIt(),
                    StartSentences.restoreABackupWithRestoreName(file.folder().resolve("backups")));
        }
    }

    /** @throws CannotStartException if the port is taken */
    static void port(String address, int port) {
        try (ServerSocket socket = new ServerSocket()) {
            socket.setReuseAddress(true);
            socket.bind(new InetSocketAddress(address, port));
        } catch (IOException e) {
            throw new CannotStartException(
                    StartSentences.portOfCannotBeUsed(port, address, reason(e)),
                    UNTOUCHED,
                    StartSentences.stopTheProgramThatUsesIt((port + 1)));
        }
    }

    private static String reason(IOException e) {
        return e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
    }
}
