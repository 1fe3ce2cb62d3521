package fluidframe.app.pieces;

import fluidframe.app.pieces.PieceDocuments.CutQuestion;
import fluidframe.app.pieces.PieceDocuments.PaceQuestion;
import fluidframe.app.pieces.PieceDocuments.PieceLineDocument;
import fluidframe.app.pieces.PieceDocuments.PieceLineQuestion;
import fluidframe.app.pieces.PieceDocuments.PieceSummary;
import fluidframe.app.pieces.PieceDocuments.PieceTextDocument;
import fluidframe.app.pieces.PieceDocuments.TapDocument;
import fluidframe.app.pieces.PieceDocuments.TapQuestion;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.problems.Revision;
import fluidframe.app.work.Work;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.piece.NotesReader;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceReader;
import fluidframe.core.piece.PieceWriter;
import fluidframe.core.piece.Taps;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import java.util.Optional;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pieces of music over HTTP, and the ways in which one comes about: written as a line, tapped, read from notes. */
@RestController
@RequestMapping("/api")
@Tag(name = "pieces")
class PieceResource {

    private static final int MOST_BYTES = 2_000_000;
    private static final int USUAL_BEATS = 4;
    private static final int USUAL_PHRASE = 8;
    private static final double SLOWEST = 24;
    private static final double FASTEST = 62;
    private static final double SLOWEST_PACE = 0.5;
    private static final double FASTEST_PACE = 2;
    private static final int PERCENT = 100;

    private final PieceStore store;
    private final Work work;

    PieceResource(PieceStore store, Work work) {
        this.store = store;
        this.work = work;
    }

    @GetMapping("/pieces")
    List<PieceSummary> list() {
        return store.all().stream().map(PieceSummary::of).toList();
    }

    @GetMapping("/pieces/{id}")
    ResponseEntity<PieceDocument> get(@PathVariable String id) {
        return answer(store.get(id));
    }

    @PostMapping("/pieces")
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<PieceDocument> create(@Valid @RequestBody PieceDocument document) {
        StoredPiece stored = store.create(document);
        return ResponseEntity.created(URI.create("/api/pieces/" + document.id())).eTag(stored.revision().tag()).body(stored.document());
    }

    @PutMapping("/pieces/{id}")
    ResponseEntity<PieceDocument> replace(@PathVariable String id, @Valid @RequestBody PieceDocument document, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        if (!id.equals(document.id())) {
            throw new RefusedException("A piece keeps its id.", List.of(Fault.of("/id", document.id(), id)));
        }
        return answer(store.replace(id, document, Revision.required(ifMatch)));
    }

    @DeleteMapping("/pieces/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        store.delete(id, Revision.required(ifMatch));
    }

    /** The piece without some of its bars, kept beside it. */
    @PostMapping("/pieces/{id}/cuts")
    @ResponseStatus(HttpStatus.CREATED)
    PieceDocument cut(@PathVariable String id, @Valid @RequestBody CutQuestion question) {
        Piece piece = store.get(id).piece();
        if (question.from() < 2 || question.to() <= question.from() || question.to() > piece.bars()) {
            throw refused("/from", "bars " + question.from() + " to " + question.to(), "a cut from bar 2 on to a later bar of " + piece.bars());
        }
        return store.createBeside(PieceDocument.of(piece.without(question.from(), question.to())), " (bars " + question.from() + " to " + (question.to() - 1) + " cut)").document();
    }

    /** The piece played slower or faster, kept beside it. */
    @PostMapping("/pieces/{id}/paces")
    @ResponseStatus(HttpStatus.CREATED)
    PieceDocument pace(@PathVariable String id, @Valid @RequestBody PaceQuestion question) {
        if (!(question.pace() >= SLOWEST_PACE && question.pace() <= FASTEST_PACE)) {
            throw refused("/pace", String.valueOf(question.pace()), SLOWEST_PACE + " to " + FASTEST_PACE + " times as fast");
        }
        Piece piece = store.get(id).piece();
        long hundredths = Math.round(question.pace() * PERCENT);
        return store.createBeside(PieceDocument.of(piece.with().tempo(piece.tempo().times(question.pace())).build()), " (at " + hundredths + " %)").document();
    }

    /** A piece as a coach writes it down; nothing is stored. */
    @PostMapping("/piece-lines")
    PieceLineDocument read(@Valid @RequestBody PieceLineQuestion question) {
        if (question.text().length() > PieceReader.MOST_LETTERS) {
            throw refused("/text", question.text().length() + " letters", "at most " + PieceReader.MOST_LETTERS + " letters");
        }
        Optional<Dance> dance = dance(question.dance());
        return work.quickly(() -> PieceLineDocument.of(PieceReader.read(question.text(), dance.map(each -> each.rhythm().beatsPerBar()).orElse(USUAL_BEATS), dance.map(each -> each.music().phraseBars()).orElse(USUAL_PHRASE))));
    }

    /** A piece written as a line. */
    @PostMapping("/piece-texts")
    PieceTextDocument write(@Valid @RequestBody PieceDocument document) {
        Piece piece = PieceReading.read(document, "");
        return new PieceTextDocument(PieceWriter.write(piece), piece.seconds());
    }

    /** A standard MIDI file as a piece; nothing is stored. */
    @PostMapping(path = "/piece-notes", consumes = {"audio/midi", "application/octet-stream"})
    PieceLineDocument notes(@RequestBody byte[] bytes, @RequestParam(required = false) String dance) {
        if (bytes.length > MOST_BYTES) {
            throw refused("", bytes.length + " bytes", "a MIDI file of at most " + MOST_BYTES + " bytes");
        }
        int phraseBars = dance(dance).map(each -> each.music().phraseBars()).orElse(USUAL_PHRASE);
        Sequence notes = sequence(bytes);
        return work.quickly(() -> PieceLineDocument.of(NotesReader.read(notes, phraseBars)));
    }

    private static Sequence sequence(byte[] bytes) {
        try {
            return MidiSystem.getSequence(new ByteArrayInputStream(bytes));
        } catch (InvalidMidiDataException | IOException | RuntimeException e) {
            throw refused("", "a file that begins with \"" + new String(bytes, 0, Math.min(bytes.length, 12), java.nio.charset.StandardCharsets.US_ASCII).replaceAll("[^ -~]", "·") + "\"", "a standard MIDI file");
        }
    }

    /** The beat that somebody tapped. */
    @PostMapping("/taps")
    TapDocument tap(@Valid @RequestBody TapQuestion question) {
        Optional<Dance> dance = dance(question.dance());
        int beatsPerBar = dance.map(each -> each.rhythm().beatsPerBar()).orElse(question.beatsPerBar() == null ? USUAL_BEATS : question.beatsPerBar());
        if (beatsPerBar < 2 || beatsPerBar > USUAL_BEATS) {
            throw refused("/beatsPerBar", String.valueOf(beatsPerBar), "2, 3 or 4");
        }
        try {
            return TapDocument.of(Taps.of(question.seconds(), question.onOne() == null ? List.of() : question.onOne(), beatsPerBar), beatsPerBar, dance.map(each -> (double) each.slowest().barsPerMinute()).orElse(SLOWEST),
                    dance.map(each -> (double) each.fastest().barsPerMinute()).orElse(FASTEST));
        } catch (IllegalArgumentException e) {
            throw refused("/seconds", e.getMessage(), "a steady beat of at least " + Taps.FEWEST + " taps");
        }
    }

    private static Optional<Dance> dance(String id) {
        if (id == null || id.isBlank()) {
            return Optional.empty();
        }
        return Optional.of(Dances.find(id).orElseThrow(() -> refused("/dance", id, "the id of a dance")));
    }

    private static RefusedException refused(String place, String found, String expected) {
        Fault fault = Fault.of(place, found, expected);
        return new RefusedException(fault.sentence(), List.of(fault));
    }

    private static ResponseEntity<PieceDocument> answer(StoredPiece stored) {
        return ResponseEntity.ok().eTag(stored.revision().tag()).body(stored.document());
    }
}
