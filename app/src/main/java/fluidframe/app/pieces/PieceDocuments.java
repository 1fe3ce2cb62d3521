package fluidframe.app.pieces;

import fluidframe.app.storage.StoredPlainDocument;
import fluidframe.core.phrase.Leftover;
import fluidframe.core.piece.HeardBeats;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceLine;
import fluidframe.core.piece.Taps;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What is asked about pieces that are still being made, and what is answered. */
final class PieceDocuments {

    private PieceDocuments() {}

    /** One line of the list of pieces; how fast it goes at the beginning, how long it lasts. */
    @Schema(name = "PieceSummary")
    record PieceSummary(
            String id,
            long revision,
            String title,
            List<String> dances,
            int beatsPerBar,
            int bars,
            double barsPerMinute,
            double seconds) {

        static PieceSummary of(StoredPlainDocument<PieceDocument> stored) {
            Piece piece = PieceReading.read(stored.document(), "");
            return new PieceSummary(
                    piece.id(),
                    stored.revision().number(),
                    piece.title(),
                    piece.dances().stream().sorted().toList(),
                    piece.bar().wholeBeats(),
                    piece.bars(),
                    piece.tempo().opening(),
                    piece.seconds());
        }
    }

    /** A piece written as a line; the dance says what metre and phrases are usual. */
    @Schema(name = "PieceLineQuestion")
    record PieceLineQuestion(@NotNull(message = "a line") String text, String dance) {}

    /** What is to be left out: the first bar that is, and the first that is heard again. */
    @Schema(name = "CutQuestion")
    record CutQuestion(
            @NotNull(message = "a bar") Integer from,
            @NotNull(message = "a bar") Integer to) {}

    /** How many times as fast a piece is to be played. */
    @Schema(name = "PaceQuestion")
    record PaceQuestion(
            @NotNull(message = "how many times as fast") Double pace) {}

    /**
     * What a recording sounds like, without the recording: how strongly its sound begins anew, a hundred times a
     * second, and how fast its beats seem to come.
     *
     * @param beatsPerMinute what was estimated; the program takes the multiple of it that suits the dance
     * @param exactly whether just that is meant
     */
    @Schema(name = "RecordingQuestion")
    record RecordingQuestion(
            @NotNull(message = "strengths")
            @Size(max = HeardBeats.MOST_LOOKS, message = "a recording of at most 15 minutes")
            List<@NotNull(message = "a strength") Integer> strengths,

            @NotNull(message = "beats a minute") Double beatsPerMinute,
            boolean exactly,
            String dance,
            Integer beatsPerBar) {}

    /**
     * What was heard in a recording.
     *
     * @param piece its tempo, in one section of phrases as they are usual
     * @param lead seconds from the beginning of the recording to the first bar line
     * @param beats how many beats were found
     * @param beatsPerMinute how fast they come on average
     * @param meant other tempos that may be meant, beats a minute
     */
    @Schema(name = "HeardPiece")
    record HeardPieceDocument(
            PieceDocument piece, double lead, int beats, double beatsPerMinute, List<MeantBeatsDocument> meant) {}

    /** A number of beats a minute, and the bars that makes. */
    @Schema(name = "MeantBeats")
    record MeantBeatsDocument(double beatsPerMinute, double barsPerMinute) {}

    /**
     * What is set by ear: one, phrase, hit, bend; at so many seconds from the first bar line; what kind of hit; which
     * bar line is bent.
     */
    @Schema(name = "PieceMarkQuestion")
    record PieceMarkQuestion(
            @NotNull(message = "a piece") @Valid PieceDocument piece,
            @NotNull(message = "one, phrase, hit or bend") String mark,
            @NotNull(message = "seconds") Double seconds,
            String kind,
            Integer bar) {}

    /** A piece so marked, and how much later its first bar line is heard than before. */
    @Schema(name = "MarkedPiece")
    record MarkedPieceDocument(PieceDocument piece, double later) {}

    /** Words that were not understood, and where they stand. */
    @Schema(name = "LineLeftover")
    record LeftoverDocument(int from, int to, String text) {

        static LeftoverDocument of(Leftover leftover) {
            return new LeftoverDocument(leftover.from(), leftover.to(), leftover.text());
        }
    }

    /**
     * What was made of a line or of a file of notes.
     *
     * @param piece absent as long as its bars or its tempo are not known; its id and, unless one was given, its title
     *     are empty
     * @param seconds how long it lasts
     * @param barLines when each bar line is heard, seconds from the first, and the end
     * @param sentences what was found that cannot be, and what is kept of it
     */
    @Schema(name = "PieceLine")
    record PieceLineDocument(
            PieceDocument piece,
            Double seconds,
            List<Double> barLines,
            List<String> sentences,
            List<LeftoverDocument> leftovers) {

        static PieceLineDocument of(PieceLine line) {
            return new PieceLineDocument(
                    line.piece().map(PieceDocument::of).orElse(null),
                    line.piece().map(Piece::seconds).orElse(null),
                    line.piece().map(Piece::barLines).orElse(null),
                    line.sentences(),
                    line.leftovers().stream().map(LeftoverDocument::of).toList());
        }
    }

    /** A piece as a line, how long it lasts, and when each bar line is heard, seconds from the first, and the end. */
    @Schema(name = "PieceText")
    record PieceTextDocument(String text, double seconds, List<Double> barLines) {}

    /** A beat that was tapped: when each tap came, seconds; which taps, from 0, were marked as one. */
    @Schema(name = "TapQuestion")
    record TapQuestion(
            @NotNull(message = "taps") List<@NotNull(message = "seconds") Double> seconds,
            List<@NotNull(message = "a tap") Integer> onOne,
            String dance,
            Integer beatsPerBar) {}

    /** A tempo that may be meant, and how many beats that makes of each tap. */
    @Schema(name = "MeantTempo")
    record MeantDocument(double barsPerMinute, double beatsPerTap) {}

    /**
     * What taps amount to: seconds from one to the next with the error of that, those that were dropped, and before
     * which tap of each round the bar begins.
     */
    @Schema(name = "TapEstimate")
    record TapDocument(
            double secondsPerTap,
            double error,
            double first,
            List<Integer> dropped,
            List<Integer> ones,
            List<MeantDocument> meant) {

        static TapDocument of(Taps taps, int beatsPerBar, double slowest, double fastest) {
            return new TapDocument(
                    taps.secondsPerTap(),
                    taps.error(),
                    taps.first(),
                    taps.dropped(),
                    taps.ones(),
                    taps.meant(beatsPerBar, slowest, fastest).stream()
                            .map(meant -> new MeantDocument(meant.barsPerMinute(), meant.beatsPerTap()))
                            .toList());
        }
    }
}
