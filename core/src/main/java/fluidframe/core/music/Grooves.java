package fluidframe.core.music;

import java.util.Map;

/** The rhythms the catalogue of dances chooses from. */
public final class Grooves {

    public static final Groove SLOW_WALTZ =
            new Groove(2, false, Map.of(Percussion.BRUSH, "..x.x.", Percussion.LOW, "o....."), "1.....", "..x.x.");
    public static final Groove FAST_WALTZ =
            new Groove(1, true, Map.of(Percussion.BRUSH, ".xx", Percussion.LOW, "X.."), "1..5..", ".xx");
    public static final Groove TANGO = new Groove(
            4, true, Map.of(Percussion.SNARE, "...............x", Percussion.LOW, "x...x..."), "1...5...", "X.x.X.x.");
    public static final Groove TANGO_IN_FOUR = new Groove(
            4,
            true,
            Map.of(Percussion.SNARE, "..............xx", Percussion.LOW, "x...x...x...x..."),
            "1...1...5...5...",
            "X...X...X...X.x.");
    public static final Groove FOXTROT = new Groove(
            3,
            false,
            Map.of(Percussion.BRUSH, "x..x.xx..x.x", Percussion.LOW, "o.....o.....", Percussion.SNARE, "...o.....o.."),
            "1.....5.....",
            "...x.....x..");
    public static final Groove QUICKSTEP = new Groove(
            3,
            false,
            Map.of(Percussion.BRUSH, "x..X.xx..X.x", Percussion.LOW, "x.....x....."),
            "1.....5.....",
            "...x.....x..");
    public static final Groove CHA_CHA = new Groove(
            4,
            true,
            Map.of(
                    Percussion.BELL,
                    "x...x...x...x...",
                    Percussion.SHAKER,
                    "x.x.x.x.x.x.x.x.",
                    Percussion.WOOD,
                    "............x.x.",
                    Percussion.LOW,
                    "....o.......x.x."),
            "1.....5.....1.5.",
            "....x.x.....x.x.");
    public static final Groove SAMBA = new Groove(
            4,
            false,
            Map.of(Percussion.LOW, "o...X...", Percussion.SHAKER, "XooxXoox", Percussion.WOOD, "x.x..x.xx..x.x.."),
            "1..15..1",
            "x..x..x.");
    public static final Groove RUMBA = new Groove(
            4,
            true,
            Map.of(
                    Percussion.WOOD,
                    "x.....x.....x.......x...x.......",
                    Percussion.SHAKER,
                    "x.o.x.o.x.o.x.o.",
                    Percussion.LOW,
                    "............x.o."),
            "1.....5.....1...",
            "x.....x.....x...");
    public static final Groove PASO_DOBLE = new Groove(
            4, true, Map.of(Percussion.LOW, "X...x...", Percussion.SNARE, "x.xxx.x."), "1...5...", "..x...x.");
    public static final Groove SWING = new Groove(
            3,
            false,
            Map.of(Percussion.BRUSH, "x..x.xx..x.x", Percussion.SNARE, "...X.....X..", Percussion.LOW, "x.....x....."),
            "1..1..5..5..",
            "...x.....x..");
    public static final Groove BOLERO = new Groove(
            4,
            true,
            Map.of(
                    Percussion.SHAKER,
                    "x.o.x.o.x.o.x.o.",
                    Percussion.LOW,
                    "x.......x...x.x.",
                    Percussion.WOOD,
                    "....x.x........."),
            "1.......5...5...",
            "....x.......x...");
    public static final Groove MAMBO = new Groove(
            4,
            true,
            Map.of(
                    Percussion.BELL,
                    "x...x.x.x...x.x.",
                    Percussion.SHAKER,
                    "x.o.x.o.x.o.x.o.",
                    Percussion.LOW,
                    "....x.......x.x.",
                    Percussion.WOOD,
                    "x.....x.....x.......x...x......."),
            "......1.....5...",
            "..x.x.....x.x...");

    private Grooves() {}
}
