package fluidframe.core.phrase;

import java.util.List;

/** How people say what one kind of cell holds. */
public interface Phrasing {

    /** @return what the text may mean; never a guess: what has two meanings has both, what has none is left over */
    Reading read(String text, Situation situation);

    /** What a word that means nothing might have been, in shorthand, the likeliest first. */
    List<String> nearest(String word);
}
