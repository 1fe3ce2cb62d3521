package fluidframe.app.pieces;

import fluidframe.app.pieces.PieceDocuments.CutQuestion;
import fluidframe.app.pieces.PieceDocuments.PaceQuestion;
import fluidframe.app.pieces.PieceDocuments.PieceSummary;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.storage.PlainResource;
import fluidframe.core.piece.Piece;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Stored pieces of music over HTTP, and what is made of them: cut, or played slower or faster. */
@RestController
@RequestMapping("/api/pieces")
@Tag(name = "pieces")
class PieceResource extends PlainResource<PieceDocument> {

    private static final double SLOWEST_PACE = 0.5;
    private static final double FASTEST_PACE = 2;
    private static final int PERCENT = 100;

    private final PieceStore store;

    PieceResource(PieceStore store) {
        super(store);
        this.store = store;
    }

    @GetMapping
    List<PieceSummary> list() {
        return store.all().stream().map(PieceSummary::of).toList();
    }

    /** The piece without some of its bars, kept beside it. */
    @PostMapping("/{id}/cuts")
    @ResponseStatus(HttpStatus.CREATED)
    PieceDocument cut(@PathVariable String id, @Valid @RequestBody CutQuestion question) {
        Piece piece = store.piece(id);
        checkCut(piece, question.from(), question.to());
        return store.createBeside(
                        PieceDocument.of(piece.without(question.from(), question.to())),
                        PiecesSentences.barsToCut(question.from(), (question.to() - 1)))
                .document();
    }

    /** What is kept of the recording and what is left out, in seconds of it, for whoever cuts it. */
    @GetMapping(path = "/{id}/cut-list.csv", produces = "text/csv")
    ResponseEntity<String> cutList(@PathVariable String id, @RequestParam int from, @RequestParam int to) {
        Piece piece = store.piece(id);
        checkCut(piece, from, to);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + "-cuts.csv\"")
                .body(CutList.of(piece, from, to));
    }

    private static void checkCut(Piece piece, int from, int to) {
        if (from < 2 || to <= from || to > piece.bars()) {
            throw RefusedException.of(
                    "/from", "bars " + from + " to " + to, PiecesSentences.aCutFromBar2On(piece.bars()));
        }
    }

    /** The piece played slower or faster, kept beside it. */
    @PostMapping("/{id}/paces")
    @ResponseStatus(HttpStatus.CREATED)
    PieceDocument pace(@PathVariable String id, @Valid @RequestBody PaceQuestion question) {
        if (!(question.pace() >= SLOWEST_PACE && question.pace() <= FASTEST_PACE)) {
            throw RefusedException.of(
                    "/pace",
                    String.valueOf(question.pace()),
                    PiecesSentences.toTimesAsFast(SLOWEST_PACE, FASTEST_PACE));
        }
        Piece piece = store.piece(id);
        long hundredths = Math.round(question.pace() * PERCENT);
        return store.createBeside(
                        PieceDocument.of(piece.with()
                                .tempo(piece.tempo().times(question.pace()))
                                .build()),
                        " (at " + hundredths + " %)")
                .document();
    }
}
