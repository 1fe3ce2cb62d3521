package fluidframe.core.music;

/** What a small band strikes. */
public enum Percussion {
    LOW,
    SNARE,
    BRUSH,
    SHAKER,
    WOOD,
    BELL
}
