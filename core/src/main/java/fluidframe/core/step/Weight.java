package fluidframe.core.step;

/** How much weight a row takes onto its foot. A row without weight leaves the same foot free. */
public enum Weight {
    FULL,
    PART,
    NONE
}
