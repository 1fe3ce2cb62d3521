package fluidframe.core.link;

import fluidframe.core.figure.Level;

/**
 * How strictly the syllabus binds.
 *
 * @param syllabus whether only listed neighbours may follow each other
 * @param highest the highest level that may be danced
 */
public record Conditions(boolean syllabus, Level highest) {

    /** Whatever bodies can do. */
    public static final Conditions OPEN = new Conditions(false, Level.OPEN);
}
