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
                        StartSentences.portWasTakenWhileTheProgram(place.port()),
                        StartSentences.theDataIsAsItWas(),
                        StartSentences.chooseAnotherWithPort((place.port() + 1)));
            }
            if (cause instanceof NotWritableException) {
                return new CannotStartException(
                        StartSentences.theDataInIsOfAn(place.file().folder()),
                        StartSentences.theFileWasLeftAsIt(),
                        StartSentences.allowWritingToTheFolderOr());
            }
        }
        return failure;
    }
}
