package fluidframe.app.pieces;

import fluidframe.app.dances.StudioDances;
import fluidframe.app.pieces.PieceDocuments.HeardPieceDocument;
import fluidframe.app.pieces.PieceDocuments.MarkedPieceDocument;
import fluidframe.app.pieces.PieceDocuments.MeantBeatsDocument;
import fluidframe.app.pieces.PieceDocuments.PieceMarkQuestion;
import fluidframe.app.pieces.PieceDocuments.RecordingQuestion;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.work.Work;
import fluidframe.core.dance.Dance;
import fluidframe.core.piece.HeardBeats;
import fluidframe.core.piece.HitKind;
import fluidframe.core.piece.MeantBeats;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceMarks;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is heard in a recording that stays in the coach's browser, and what is set in it by ear. Nothing is stored. */
@RestController
@RequestMapping("/api")
@Tag(name = "pieces")
class RecordingResource {

    private static final int USUAL_BEATS = 4;
    private static final int USUAL_PHRASE = 8;

    private final StudioDances studioDances;
    private final Work work;

    RecordingResource(StudioDances studioDances, Work work) {
        this.studioDances = studioDances;
        this.work = work;
    }

    @PostMapping("/recordings")
    HeardPieceDocument hear(@Valid @RequestBody RecordingQuestion question) {
        Optional<Dance> dance = Optional.ofNullable(question.dance())
                .filter(id -> !id.isBlank())
                .map(id -> studioDances
                        .find(id)
                        .orElseThrow(() -> RefusedException.of("/dance", id, PiecesSentences.theIdOfADance())));
        int perBar = dance.map(each -> each.rhythm().beatsPerBar())
                .orElse(question.beatsPerBar() == null ? USUAL_BEATS : question.beatsPerBar());
        if (perBar < 2 || perBar > USUAL_BEATS) {
            throw RefusedException.of("/beatsPerBar", String.valueOf(perBar), "2, 3 or 4");
        }
        return work.patiently(() -> {
            try {
                double beats = question.exactly()
                        ? question.beatsPerMinute()
                        : MeantBeats.of(question.beatsPerMinute(), perBar, dance)
                                .get(0)
                                .beatsPerMinute();
                HeardBeats heard = HeardBeats.of(
                        question.strengths().stream()
                                .mapToDouble(Integer::doubleValue)
                                .toArray(),
                        beats,
                        perBar);
                List<Double> lines = heard.barLines(perBar);
                Piece piece = heard.piece(
                        perBar, dance.map(each -> each.music().phraseBars()).orElse(USUAL_PHRASE));
                return new HeardPieceDocument(
                        PieceDocument.of(piece),
                        lines.get(0),
                        heard.seconds().size(),
                        heard.beatsPerMinute(),
                        MeantBeats.of(heard.beatsPerMinute(), perBar, dance).stream()
                                .map(each -> new MeantBeatsDocument(each.beatsPerMinute(), each.barsPerMinute()))
                                .toList());
            } catch (IllegalArgumentException e) {
                throw RefusedException.of("/strengths", e.getMessage(), PiecesSentences.musicWithABeatThatCan());
            }
        });
    }

    @PostMapping("/piece-marks")
    MarkedPieceDocument mark(@Valid @RequestBody PieceMarkQuestion question) {
        Piece piece = PieceReading.read(question.piece(), "/piece");
        try {
            PieceMarks.Marked marked = switch (question.mark()) {
                case "one" -> PieceMarks.one(piece, question.seconds());
                case "phrase" -> new PieceMarks.Marked(PieceMarks.phrase(piece, question.seconds()), 0);
                case "hit" ->
                    new PieceMarks.Marked(
                            PieceMarks.hit(
                                    piece,
                                    question.seconds(),
                                    HitKind.LEXICON
                                            .find(question.kind() == null ? "accent" : question.kind())
                                            .orElseThrow(() -> RefusedException.of(
                                                    "/kind", question.kind(), HitKind.LEXICON.expected()))),
                            0);
                case "bend" ->
                    new PieceMarks.Marked(
                            PieceMarks.bend(piece, question.bar() == null ? 0 : question.bar(), question.seconds()), 0);
                default -> throw RefusedException.of("/mark", question.mark(), PiecesSentences.onePhraseHitOrBend());
            };
            return new MarkedPieceDocument(PieceDocument.of(marked.piece()), marked.later());
        } catch (IllegalArgumentException e) {
            throw RefusedException.of("/seconds", e.getMessage(), PiecesSentences.aPlaceWithinThePiece());
        }
    }
}
