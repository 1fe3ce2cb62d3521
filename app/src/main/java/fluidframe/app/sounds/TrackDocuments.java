package fluidframe.app.sounds;

import fluidframe.app.routines.RoutineDocument;
import fluidframe.core.sound.Cue;
import fluidframe.core.sound.Track;
import fluidframe.core.sound.TrackWish;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.IntStream;

/** What is asked about tracks, and answered. */
final class TrackDocuments {

    private TrackDocuments() {}

    /**
     * What is to be heard of a routine, kept or not: a stretch in beats, absent from its beginning or to its end; bars
     * of count-in; whose steps are counted and how (steps, beats, bars); gains from 0 to 1; and for files the speed in
     * per cent of the tempo.
     */
    @Schema(name = "TrackQuestion")
    record TrackQuestion(
            @Valid @NotNull(message = "a routine") RoutineDocument routine,
            Double from,
            Double to,

            @Schema(minimum = "0", maximum = "" + TrackWish.MOST_COUNT_IN_BARS)
            Integer countInBars,

            String counted,
            String counting,
            Double clicks,
            Double voice,
            Double music,

            @Schema(minimum = "" + SoundResource.SLOWEST, maximum = "" + SoundResource.FASTEST)
            Double percent) {}

    /**
     * A sound at its time, in beats from the start of the stretch, before it less than zero; and by how much it is
     * multiplied where it is mixed with others.
     */
    @Schema(name = "Cue")
    record CueDocument(double at, String sound, double gain) {

        static CueDocument of(Cue cue) {
            return new CueDocument(cue.at().toDouble(), cue.sound().id(), cue.loudness());
        }
    }

    /** A word of the count as it is shown. */
    @Schema(name = "ShownWord")
    record ShownWordDocument(double at, String text) {}

    /** When a beat of the stretch is heard, seconds from its start at the tempo; between two of them it goes evenly. */
    @Schema(name = "Pace")
    record PaceDocument(double at, double seconds) {}

    /**
     * All that is heard while a stretch is danced, and how fast it goes: the first two points of its pace are enough
     * for a steady tempo.
     */
    @Schema(name = "SoundTrack")
    record TrackDocument(
            double from,
            double beats,
            double countIn,
            List<CueDocument> cues,
            List<ShownWordDocument> words,
            List<PaceDocument> pace) {

        static TrackDocument of(double from, Track track) {
            return new TrackDocument(
                    from,
                    track.length().toDouble(),
                    track.countIn().toDouble(),
                    track.cues().stream()
                            .filter(cue -> cue.gain() > 0)
                            .map(CueDocument::of)
                            .toList(),
                    track.words().stream()
                            .map(word -> new ShownWordDocument(word.at().toDouble(), word.text()))
                            .toList(),
                    pace(track));
        }

        /** So many that a usual slowing end is less than a third of a millisecond off between two of them. */
        private static final int POINTS_A_BEAT = 4;

        private static List<PaceDocument> pace(Track track) {
            double begins = -track.countIn().toDouble();
            double ends = track.length().toDouble();
            int points = track.tempo().isSteady() ? 1 : (int) Math.ceil(POINTS_A_BEAT * (ends - begins));
            return IntStream.rangeClosed(0, points)
                    .mapToDouble(point -> begins + (ends - begins) * point / points)
                    .mapToObj(at -> new PaceDocument(at, track.tempo().seconds(at)))
                    .toList();
        }
    }
}
