package fluidframe.core.link;

import fluidframe.core.figure.Level;

/**
 * How strictly the syllabus binds.
 *
 * @param syllabus whether only listed neighbours may follow each other
 * @param highest  the highest level that may be danced
 */
public record Terms(boolean syllabus, Level highest) {

    /** Whatever bodies can do. */
    public static final Terms OPEN = new Terms(false, Level.OPEN);
}
