package fluidframe.app.start;

import fluidframe.app.storage.NotWritableException;
import org.springframework.boot.web.server.PortInUseException;

/** What a start that has failed half-way says. */
final class StartFailure {

    private StartFailure() {}

    /** The failure itself where nobody but a programmer can mend it. */
    static RuntimeException of(RuntimeException failure, CommandLine.Place place) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof PortInUseException) {
                return new CannotStartException(
                        "Port " + place.port() + " was taken while the program started.",
                        "The data is as it was.",
                        "Choose another with PORT=" + (place.port() + 1) + ".");
            }
            if (cause instanceof NotWritableException) {
                return new CannotStartException(
                        "The data in " + place.file().folder()
                                + " is of an older form and cannot be lifted to today's, since it may only be read.",
                        "The file was left as it was.",
                        "Allow writing to the folder, or make room on the disk, and start again.");
            }
        }
        return failure;
    }
}
