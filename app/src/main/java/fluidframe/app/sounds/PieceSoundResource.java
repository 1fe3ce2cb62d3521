package fluidframe.app.sounds;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.pieces.PieceStore;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.dance.Dance;
import fluidframe.core.piece.Piece;
import fluidframe.core.sound.MidiScore;
import fluidframe.core.sound.Recording;
import fluidframe.core.sound.Synthesizer;
import fluidframe.core.sound.Track;
import fluidframe.core.work.TooMuchException;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A piece as the program's band plays it, its sections told apart, as sound and as notes. */
@RestController
@RequestMapping("/api/pieces/{id}")
@Tag(name = "sounds")
class PieceSoundResource {

    private static final double AS_IT_IS = 100;

    private final StudioDances studioDances;
    private final PieceStore pieces;
    private final Synthesizer synthesizer;
    private final Work work;

    PieceSoundResource(StudioDances studioDances, PieceStore pieces, @Lazy SpokenWords words, Work work) {
        this.studioDances = studioDances;
        this.pieces = pieces;
        this.work = work;
        this.synthesizer = new Synthesizer(words::say);
    }

    @GetMapping(path = "/sound.wav", produces = SoundFiles.WAV)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = SoundFiles.WAV, schema = @Schema(type = "string", format = "binary")))
    void sound(@PathVariable String id, @RequestParam(required = false) String dance, HttpServletResponse response) {
        Piece piece = pieces.piece(id);
        Recording recording = work.quickly(() -> recording(piece, bandOf(piece, dance)));
        work.playing(() -> {
            response.setContentType(SoundFiles.WAV);
            response.setContentLengthLong(SoundFiles.bytes(recording));
            SoundFiles.play(recording, response);
        });
    }

    private Recording recording(Piece piece, Dance dance) {
        try {
            return Recording.of(Track.of(piece, dance), AS_IT_IS, synthesizer);
        } catch (TooMuchException e) {
            throw new RefusedException(
                    SoundsSentences.thisCannotBeHeard(e.getMessage()),
                    List.of(Fault.of("/tempo", e.found(), e.expected())));
        }
    }

    @GetMapping(path = "/notes.mid", produces = SoundFiles.MIDI)
    ResponseEntity<byte[]> notes(@PathVariable String id, @RequestParam(required = false) String dance) {
        Piece piece = pieces.piece(id);
        Dance band = bandOf(piece, dance);
        byte[] notes =
                SoundFiles.midi(work.quickly(() -> MidiScore.of(Track.of(piece, band), band.rhythm(), AS_IT_IS)));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(SoundFiles.MIDI))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + ".mid\"")
                .body(notes);
    }

    /**
     * The dance whose groove the band plays: the one asked for, else the first the piece suits, else one of its metre.
     */
    private Dance bandOf(Piece piece, String asked) {
        List<Dance> ofItsMetre = studioDances.all().stream()
                .filter(dance -> dance.rhythm().bar().equals(piece.bar()))
                .toList();
        if (asked != null) {
            return ofItsMetre.stream()
                    .filter(dance -> dance.id().equals(asked))
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(
                            SoundsSentences.theBandDoesNotPlayThat(),
                            List.of(Fault.of(
                                    "/dance",
                                    asked,
                                    SoundsSentences.oneOf(String.join(
                                            ", ",
                                            ofItsMetre.stream().map(Dance::id).toList()))))));
        }
        return ofItsMetre.stream()
                .filter(dance -> piece.dances().contains(dance.id()))
                .findFirst()
                .orElse(ofItsMetre.get(0));
    }
}
