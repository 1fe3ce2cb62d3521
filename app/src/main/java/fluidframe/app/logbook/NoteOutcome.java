package fluidframe.app.logbook;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * What became of a note that was handed in: kept; known where it had been kept before; gone where it was taken back;
 * refused, and why.
 *
 * @param outcome kept, known, gone or refused
 * @param sentence why it was refused; empty otherwise
 */
@Schema(name = "NoteOutcome")
public record NoteOutcome(String id, String outcome, String sentence) {

    static NoteOutcome kept(String id) {
        return new NoteOutcome(id, "kept", "");
    }

    static NoteOutcome known(String id) {
        return new NoteOutcome(id, "known", "");
    }

    static NoteOutcome gone(String id) {
        return new NoteOutcome(id, "gone", "");
    }

    static NoteOutcome refused(String id, String sentence) {
        return new NoteOutcome(id, "refused", sentence);
    }
}
