package fluidframe.core.music;

import java.util.List;

/** How strongly a beat of the bar is felt. */
public enum Accent {
    STRONG,
    MIDDLE,
    WEAK;

    /** The usual ones: the first beat is strong; of four the third is stronger than the second and fourth. */
    public static List<Accent> ofBar(int beats) {
        return switch (beats) {
            case 2 -> List.of(STRONG, WEAK);
            case 3 -> List.of(STRONG, WEAK, WEAK);
            case 4 -> List.of(STRONG, WEAK, MIDDLE, WEAK);
            default -> throw new IllegalArgumentException(MusicSentences.aBarOfBeatsExpected2(beats));
        };
    }
}
