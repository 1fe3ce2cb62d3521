package fluidframe.app.pieces;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.problems.Faults;
import fluidframe.app.storage.PlainDocument;
import fluidframe.core.piece.CueWord;
import fluidframe.core.piece.Hit;
import fluidframe.core.piece.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A piece of music in the open format. Bars are counted from 1; a beat is counted from 1 within its bar, with a
 * fraction where it is a part of one: "2 1/2".
 *
 * @param dances ids of the dances it suits; absent or empty for any of its metre
 * @param beatsPerBar 2 to 4
 * @param upBeat beats before the first bar line; absent for none
 * @param tempo from the first on
 * @param fade bars at the end in which it fades away
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Piece")
public record PieceDocument(
        @NotNull(message = "an id") String id,

        @NotNull(message = "a title") @Schema(maxLength = Faults.LONGEST_NAME)
        String title,

        List<@NotNull(message = "a dance") String> dances,
        @NotNull(message = "beats in a bar") Integer beatsPerBar,
        String upBeat,

        @NotNull(message = "sections") @Size(max = 100, message = "at most 100 sections")
        List<@Valid @NotNull(message = "a section") PieceSectionDocument> sections,

        @NotNull(message = "a tempo") @Size(max = 2000, message = "at most 2000 changes of tempo")
        List<@Valid @NotNull(message = "a tempo") TempoChangeDocument> tempo,

        @Size(max = Piece.MOST_HITS, message = "at most " + Piece.MOST_HITS + " hits")
        List<@Valid @NotNull(message = "a hit") HitDocument> hits,

        @Size(max = Piece.MOST_HITS, message = "at most " + Piece.MOST_HITS + " cue words")
        List<@Valid @NotNull(message = "cue words") CueWordDocument> cueWords,

        @JsonInclude(JsonInclude.Include.NON_DEFAULT) int fade)
        implements PlainDocument {

    /**
     * A part of a piece: introduction, verse, chorus, bridge, break or ending; its own name where it has one; the bars
     * of each of its phrases.
     */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "PieceSection")
    public record PieceSectionDocument(
            @NotNull(message = "what it is") String kind,
            String title,

            @NotNull(message = "the bars of its phrases") @Size(max = 200, message = "at most 200 phrases")
            List<@NotNull(message = "bars") Integer> phrases) {}

    /** From here on it goes so fast; gradually if it has come to that since the change before. */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    @Schema(name = "TempoChange")
    public record TempoChangeDocument(
            @NotNull(message = "a bar") Integer bar,
            String beat,
            @NotNull(message = "bars a minute") Double barsPerMinute,
            @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean gradual) {}

    /** Where the music strikes: accent, stop, break, swell or held note. */
    @Schema(name = "Hit")
    public record HitDocument(
            @NotNull(message = "a bar") Integer bar,
            @NotNull(message = "a beat") String beat,
            @NotNull(message = "what happens") String kind) {

        static HitDocument of(Piece piece, Hit hit) {
            return new HitDocument(
                    piece.barOf(hit.at()),
                    PieceReading.beat(piece, hit.at()),
                    hit.kind().shorthand());
        }
    }

    /** Words that are sung there. */
    @Schema(name = "CueWord")
    public record CueWordDocument(
            @NotNull(message = "a bar") Integer bar,
            @NotNull(message = "a beat") String beat,
            @NotNull(message = "words") String words) {

        static CueWordDocument of(Piece piece, CueWord words) {
            return new CueWordDocument(piece.barOf(words.at()), PieceReading.beat(piece, words.at()), words.words());
        }
    }

    @Override
    public PieceDocument called(String otherId, String otherTitle) {
        return new PieceDocument(
                otherId, otherTitle, dances, beatsPerBar, upBeat, sections, tempo, hits, cueWords, fade);
    }

    static PieceDocument of(Piece piece) {
        return new PieceDocument(
                piece.id(),
                piece.title(),
                piece.dances().stream().sorted().toList(),
                piece.bar().wholeBeats(),
                piece.upBeat().isPositive() ? piece.upBeat().toString() : null,
                piece.sections().stream()
                        .map(section -> new PieceSectionDocument(
                                section.kind().shorthand(), section.title(), section.phrases()))
                        .toList(),
                piece.tempo().changes().stream()
                        .map(change -> new TempoChangeDocument(
                                piece.barOf(change.at()),
                                PieceReading.beatUnlessFirst(piece, change.at()),
                                change.barsPerMinute(),
                                change.gradual()))
                        .toList(),
                piece.hits().stream().map(hit -> HitDocument.of(piece, hit)).toList(),
                piece.cueWords().stream()
                        .map(words -> CueWordDocument.of(piece, words))
                        .toList(),
                piece.fade());
    }
}
