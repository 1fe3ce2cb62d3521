package fluidframe.app.pieces;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.pieces.PieceDocuments.PieceLineDocument;
import fluidframe.app.pieces.PieceDocuments.PieceLineQuestion;
import fluidframe.app.pieces.PieceDocuments.PieceTextDocument;
import fluidframe.app.pieces.PieceDocuments.TapDocument;
import fluidframe.app.pieces.PieceDocuments.TapQuestion;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.dance.Dance;
import fluidframe.core.piece.NotesFile;
import fluidframe.core.piece.NotesReader;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.piece.PieceWriter;
import fluidframe.core.piece.Taps;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The ways in which a piece of music comes about: written as a line, tapped, read from notes. Nothing is stored. */
@RestController
@RequestMapping("/api")
@Tag(name = "pieces")
class PieceReadingResource {

    private static final int MOST_BYTES = 2_000_000;
    private static final int MOST_LETTERS_SHOWN = 12;
    private static final int USUAL_BEATS = 4;
    private static final int USUAL_PHRASE = 8;
    private static final double SLOWEST = 24;
    private static final double FASTEST = 62;

    private final StudioDances studioDances;
    private final Work work;

    PieceReadingResource(StudioDances studioDances, Work work) {
        this.studioDances = studioDances;
        this.work = work;
    }

    /** A piece as a coach writes it down; nothing is stored. */
    @PostMapping("/piece-lines")
    PieceLineDocument read(@Valid @RequestBody PieceLineQuestion question) {
        if (question.text().length() > PieceReader.MOST_LETTERS) {
            throw RefusedException.of(
                    "/text",
                    question.text().length() + " letters",
                    PiecesSentences.atMostLetters2(PieceReader.MOST_LETTERS));
        }
        Optional<Dance> dance = dance(question.dance());
        return work.quickly(() -> PieceLineDocument.of(PieceReader.read(
                question.text(),
                dance.map(each -> each.rhythm().beatsPerBar()).orElse(USUAL_BEATS),
                dance.map(each -> each.music().phraseBars()).orElse(USUAL_PHRASE))));
    }

    /** A piece written as a line. */
    @PostMapping("/piece-texts")
    PieceTextDocument write(@Valid @RequestBody PieceDocument document) {
        Piece piece = PieceReading.read(document, "");
        return new PieceTextDocument(PieceWriter.write(piece), piece.seconds(), piece.barLines());
    }

    /** A standard MIDI file as a piece; nothing is stored. */
    @PostMapping(
            path = "/piece-notes",
            consumes = {"audio/midi", "application/octet-stream"})
    PieceLineDocument notes(@RequestBody byte[] bytes, @RequestParam(required = false) String dance) {
        if (bytes.length > MOST_BYTES) {
            throw RefusedException.of("", bytes.length + " bytes", PiecesSentences.aMidiFileOfAtMost(MOST_BYTES));
        }
        int phraseBars = dance(dance).map(each -> each.music().phraseBars()).orElse(USUAL_PHRASE);
        return work.quickly(() -> PieceLineDocument.of(NotesReader.read(file(bytes), phraseBars)));
    }

    private static NotesFile file(byte[] bytes) {
        try {
            return NotesFile.read(bytes);
        } catch (IllegalArgumentException e) {
            throw RefusedException.of(
                    "",
                    PiecesSentences.aFileThatBeginsWith(beginning(bytes)),
                    PiecesSentences.aStandardMidiFile(e.getMessage()));
        }
    }

    private static String beginning(byte[] bytes) {
        String letters = new String(bytes, 0, Math.min(bytes.length, MOST_LETTERS_SHOWN), StandardCharsets.US_ASCII);
        return letters.codePoints()
                .map(letter -> letter < ' ' || letter > '~' ? '·' : letter)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** The beat that somebody tapped. */
    @PostMapping("/taps")
    TapDocument tap(@Valid @RequestBody TapQuestion question) {
        Optional<Dance> dance = dance(question.dance());
        int beatsPerBar = dance.map(each -> each.rhythm().beatsPerBar())
                .orElse(question.beatsPerBar() == null ? USUAL_BEATS : question.beatsPerBar());
        if (beatsPerBar < 2 || beatsPerBar > USUAL_BEATS) {
            throw RefusedException.of("/beatsPerBar", String.valueOf(beatsPerBar), "2, 3 or 4");
        }
        try {
            return TapDocument.of(
                    Taps.of(question.seconds(), question.onOne() == null ? List.of() : question.onOne(), beatsPerBar),
                    beatsPerBar,
                    dance.map(each -> (double) each.slowest().barsPerMinute()).orElse(SLOWEST),
                    dance.map(each -> (double) each.fastest().barsPerMinute()).orElse(FASTEST));
        } catch (IllegalArgumentException e) {
            throw RefusedException.of("/seconds", e.getMessage(), PiecesSentences.aSteadyBeatOfAtLeast(Taps.FEWEST));
        }
    }

    private Optional<Dance> dance(String id) {
        if (id == null || id.isBlank()) {
            return Optional.empty();
        }
        return Optional.of(studioDances
                .find(id)
                .orElseThrow(() -> RefusedException.of("/dance", id, PiecesSentences.theIdOfADance())));
    }
}
