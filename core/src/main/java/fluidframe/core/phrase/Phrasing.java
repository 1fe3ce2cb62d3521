package fluidframe.core.phrase;

/** How people say what one kind of cell holds. */
public interface Phrasing {

    /**
     * @return what the text may mean; never a guess: what has two meanings has both, what has none is left over
     */
    Reading read(String text, Situation situation);
}
