package fluidframe.core.sound;

import fluidframe.core.music.Groove;
import fluidframe.core.music.MusicMap;
import fluidframe.core.piece.Laying;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Plays a groove over the phrases of a piece, in three chords.
 *
 * @param groove what each instrument plays
 * @param music the bars and phrases it is played over
 * @param laying the piece they are of, so that its parts are told apart; empty where there is none
 */
record Band(Groove groove, MusicMap music, Optional<Laying> laying) {

    private static final int[] ROUND = {0, 0, 5, 5, 7, 7, 0, 7};
    private static final int LOW_C = 36;
    private static final int MIDDLE_C = 60;
    private static final int FIFTH = 7;
    private static final double BAND = 0.55;

    /**
     * @param counted where the stretch begins, from a bar line
     * @param before beats that are played before it
     * @param length beats
     * @return what is played, timed from the start of the stretch
     */
    List<Cue> play(Beats counted, Beats before, Beats length) {
        List<Cue> cues = new ArrayList<>();
        int slot = Beats.TICKS_PER_BEAT / groove.slots();
        int first = Math.floorDiv(counted.ticks() - before.ticks() + slot - 1, slot);
        int end = Math.floorDiv(counted.ticks() + length.ticks() - 1, slot);
        for (int at = first; at <= end; at++) {
            Beats time = new Beats(at * slot).minus(counted);
            int bar = Math.floorDiv(at * slot, music.bar().ticks()) + 1;
            int chord = ROUND[Math.floorMod(music.barOfPhrase(bar) - 1, ROUND.length)];
            int now = at;
            groove.drums().forEach((drum, pattern) -> strike(cues, time, new Sound.Drum(drum), letter(pattern, now)));
            char note = letter(groove.bass(), at);
            if (note != '.') {
                cues.add(new Cue(time, new Sound.Bass(LOW_C + chord + (note == '5' ? FIFTH : 0)), BAND));
            }
            strike(
                    cues,
                    time,
                    new Sound.Chord(MIDDLE_C + chord, groove.minor() && chord != FIFTH),
                    letter(groove.chords(), at));
        }
        return laying.map(Arrangement::new)
                .map(arrangement -> Stream.concat(
                                cues.stream()
                                        .map(cue ->
                                                arrangement.arranged(cue.at().plus(counted), cue))
                                        .filter(cue -> cue.gain() > 0),
                                arrangement.struck(counted, before, length, groove.minor()).stream())
                        .toList())
                .orElse(cues);
    }

    private static char letter(String pattern, int slot) {
        return pattern.charAt(Math.floorMod(slot, pattern.length()));
    }

    private static void strike(List<Cue> cues, Beats at, Sound sound, char letter) {
        double gain = letter == 'X' ? 0.75 : letter == 'x' ? 0.5 : letter == 'o' ? 0.28 : 0;
        if (gain > 0) {
            cues.add(new Cue(at, sound, gain));
        }
    }
}
