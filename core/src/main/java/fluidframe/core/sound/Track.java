package fluidframe.core.sound;

import fluidframe.core.dance.Dance;
import fluidframe.core.music.TempoMap;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.Piece;
import fluidframe.core.routine.Score;
import fluidframe.core.time.Beats;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * All that is heard while a stretch of a routine is danced, in beats, so that it fits any tempo.
 *
 * @param countIn beats that are counted, or played as an up-beat, before the dancing begins
 * @param length beats that are danced
 * @param cues by time
 * @param tempo how fast it goes, from the start of the stretch; the count-in is as fast as its beginning
 */
public record Track(Beats countIn, Beats length, List<Cue> cues, TempoMap tempo) {

    public Track {
        cues = List.copyOf(cues);
    }

    /** @throws IllegalArgumentException if the stretch is not in the routine */
    public static Track of(Score score, TrackWish wish) {
        return new TrackWriter(score, wish).write();
    }

    /**
     * A whole piece as the band of a dance plays it, its up-beat before the first bar line; nothing is counted or
     * clicked.
     */
    public static Track of(Piece piece, Dance dance) {
        Laying laying = new Laying(piece, 1);
        List<Cue> cues = new Band(dance.music().groove(), laying.map(), Optional.of(laying))
                .play(Beats.ZERO, piece.upBeat(), piece.length()).stream()
                        .sorted(Comparator.comparing(Cue::at))
                        .toList();
        return new Track(piece.upBeat(), piece.length(), cues, piece.tempo());
    }

    /**
     * Seconds from the first beat of the count-in to a beat of the stretch.
     *
     * @param percent how fast, of the tempo
     */
    public double seconds(Beats at, double percent) {
        return (tempo.seconds(at) - tempo.seconds(Beats.ZERO.minus(countIn))) * 100 / percent;
    }

    /** The words of the count as they are shown, each with its time. */
    public List<ShownWord> words() {
        return cues.stream()
                .filter(cue -> cue.sound() instanceof Sound.Word)
                .map(cue -> new ShownWord(cue.at(), Spoken.shown(((Sound.Word) cue.sound()).text())))
                .toList();
    }

    /** A word of the count, written: "1", "&", "S". */
    public record ShownWord(Beats at, String text) {}
}
