package fluidframe.core.sound;

import fluidframe.core.dance.Dance;
import fluidframe.core.sound.Sound.Bass;
import fluidframe.core.sound.Sound.Chord;
import fluidframe.core.sound.Sound.Drum;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A dance's rhythm as a small band plays it: a pattern for each instrument, over a round of eight bars in three chords. From common knowledge of
 * how each dance's music goes; only what makes it feel like the dance.
 *
 * <p>A pattern has one letter for each slot and goes round: {@code X} accented, {@code x} played, {@code o} soft, {@code 1} the root and {@code 5} the
 * fifth of the chord, a dot for nothing.
 *
 * @param slots   slots to a beat
 * @param minor   whether the chords are those of a minor key
 * @param drums   what is struck
 * @param bass    the bass line
 * @param chords  when the chord is struck
 */
record Groove(int slots, boolean minor, Map<Drum, String> drums, String bass, String chords) {

    private static final int[] ROUND = {0, 0, 5, 5, 7, 7, 0, 7};
    private static final int LOW_C = 36;
    private static final int MIDDLE_C = 60;
    private static final int FIFTH = 7;
    private static final double BAND = 0.55;

    private static final Groove SLOW_WALTZ = new Groove(2, false, Map.of(Drum.BRUSH, "..x.x.", Drum.LOW, "o....."), "1.....", "..x.x.");
    private static final Groove FAST_WALTZ = new Groove(1, true, Map.of(Drum.BRUSH, ".xx", Drum.LOW, "X.."), "1..5..", ".xx");
    private static final Groove TANGO = new Groove(4, true, Map.of(Drum.SNARE, "...............x", Drum.LOW, "x...x..."), "1...5...", "X.x.X.x.");
    private static final Groove TANGO_IN_FOUR = new Groove(4, true, Map.of(Drum.SNARE, "..............xx", Drum.LOW, "x...x...x...x..."), "1...1...5...5...", "X...X...X...X.x.");
    private static final Groove FOXTROT = new Groove(3, false, Map.of(Drum.BRUSH, "x..x.xx..x.x", Drum.LOW, "o.....o.....", Drum.SNARE, "...o.....o.."), "1.....5.....", "...x.....x..");
    private static final Groove QUICKSTEP = new Groove(3, false, Map.of(Drum.BRUSH, "x..X.xx..X.x", Drum.LOW, "x.....x....."), "1.....5.....", "...x.....x..");
    private static final Groove CHA_CHA = new Groove(4, true, Map.of(Drum.BELL, "x...x...x...x...", Drum.SHAKER, "x.x.x.x.x.x.x.x.", Drum.WOOD, "............x.x.", Drum.LOW, "....o.......x.x."),
            "1.....5.....1.5.", "....x.x.....x.x.");
    private static final Groove SAMBA = new Groove(4, false, Map.of(Drum.LOW, "o...X...", Drum.SHAKER, "XooxXoox", Drum.WOOD, "x.x..x.xx..x.x.."), "1..15..1", "x..x..x.");
    private static final Groove RUMBA = new Groove(4, true, Map.of(Drum.WOOD, "x.....x.....x.......x...x.......", Drum.SHAKER, "x.o.x.o.x.o.x.o.", Drum.LOW, "............x.o."),
            "1.....5.....1...", "x.....x.....x...");
    private static final Groove PASO_DOBLE = new Groove(4, true, Map.of(Drum.LOW, "X...x...", Drum.SNARE, "x.xxx.x."), "1...5...", "..x...x.");
    private static final Groove SWING = new Groove(3, false, Map.of(Drum.BRUSH, "x..x.xx..x.x", Drum.SNARE, "...X.....X..", Drum.LOW, "x.....x....."), "1..1..5..5..", "...x.....x..");
    private static final Groove BOLERO = new Groove(4, true, Map.of(Drum.SHAKER, "x.o.x.o.x.o.x.o.", Drum.LOW, "x.......x...x.x.", Drum.WOOD, "....x.x........."), "1.......5...5...", "....x.......x...");
    private static final Groove MAMBO = new Groove(4, true, Map.of(Drum.BELL, "x...x.x.x...x.x.", Drum.SHAKER, "x.o.x.o.x.o.x.o.", Drum.LOW, "....x.......x.x.", Drum.WOOD, "x.....x.....x.......x...x......."),
            "......1.....5...", "..x.x.....x.x...");

    private static final Map<String, Groove> BY_DANCE = Map.ofEntries(Map.entry("waltz", SLOW_WALTZ), Map.entry("american-waltz", SLOW_WALTZ),
            Map.entry("viennese-waltz", FAST_WALTZ), Map.entry("american-viennese-waltz", FAST_WALTZ), Map.entry("tango", TANGO),
            Map.entry("american-tango", TANGO_IN_FOUR), Map.entry("foxtrot", FOXTROT), Map.entry("american-foxtrot", FOXTROT), Map.entry("quickstep", QUICKSTEP),
            Map.entry("cha-cha", CHA_CHA), Map.entry("american-cha-cha", CHA_CHA), Map.entry("samba", SAMBA), Map.entry("rumba", RUMBA),
            Map.entry("american-rumba", RUMBA), Map.entry("paso-doble", PASO_DOBLE), Map.entry("jive", SWING), Map.entry("swing", SWING), Map.entry("bolero", BOLERO),
            Map.entry("mambo", MAMBO));

    /** @throws IllegalArgumentException if nobody has said how the dance's music goes */
    static Groove of(Dance dance) {
        Groove groove = BY_DANCE.get(dance.id());
        if (groove == null) {
            throw new IllegalArgumentException("no accompaniment for " + dance.title());
        }
        return groove;
    }

    /**
     * @param counted where the stretch begins, from a bar line
     * @param length  beats
     * @return what is played, timed from the start of the stretch
     */
    List<Cue> play(Rhythm rhythm, Beats counted, Beats length) {
        List<Cue> cues = new ArrayList<>();
        int slot = Beats.TICKS_PER_BEAT / slots;
        int first = Math.floorDiv(counted.ticks() + slot - 1, slot);
        int end = Math.floorDiv(counted.ticks() + length.ticks() - 1, slot);
        for (int at = first; at <= end; at++) {
            Beats time = new Beats(at * slot).minus(counted);
            int chord = ROUND[Math.floorMod(Math.floorDiv(at * slot, rhythm.bar().ticks()), ROUND.length)];
            int now = at;
            drums.forEach((drum, pattern) -> strike(cues, time, drum, letter(pattern, now)));
            char note = letter(bass, at);
            if (note != '.') {
                cues.add(new Cue(time, new Bass(LOW_C + chord + (note == '5' ? FIFTH : 0)), BAND));
            }
            strike(cues, time, new Chord(MIDDLE_C + chord, minor && chord != FIFTH), letter(chords, at));
        }
        return cues;
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
