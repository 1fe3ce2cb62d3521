package fluidframe.app.start;

import fluidframe.app.storage.DatabaseFile;
import fluidframe.app.storage.Stamp;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Puts a database file out of the way instead of deleting it. */
final class SetAside {

    private SetAside() {}

    /**
     * @param why what it makes room for: "reset"
     * @return where it is now; empty if there was none
     * @throws CannotStartException if it cannot be moved
     */
    static Optional<Path> move(DatabaseFile file, String why) {
        if (!file.exists()) {
            return Optional.empty();
        }
        Path aside = file.folder().resolve("fluidframe-before-" + why + "-" + Stamp.now() + ".mv.db");
        try {
            Files.move(file.path(), aside);
            return Optional.of(aside);
        } catch (IOException e) {
            throw new CannotStartException(
                    StartSentences.theDataFileCannotBeSet(file.path(), e.getMessage()),
                    StartSentences.itWasLeftAsItWas(),
                    StartSentences.allowWritingTo(file.folder()));
        }
    }
}
