package fluidframe.core.link;

import fluidframe.core.dance.Dance;
import fluidframe.core.time.Beats;

/** What can stand in a routine: a figure of the book, or an element between figures. */
public sealed interface Item permits Dancing, Element {

    /** How it is danced once the couple have been left so. */
    Dancing after(ExitState before, Dance dance);

    /** Beats. */
    Beats length();

    /** How many steps both parts make, for an element no more than so many. */
    int steps();

    /** What makes two items alike although they are danced otherwise: a figure's id, or the kind of an element. */
    String key();

    /** What a person calls it. */
    String wording();
}
