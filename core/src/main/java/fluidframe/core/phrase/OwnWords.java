package fluidframe.core.phrase;

import java.util.List;

/** Anybody's own words, which are what they are. */
public enum OwnWords implements Phrasing {
    ANY;

    @Override
    public Reading read(String text, Situation situation) {
        return Reading.sure(text, List.of());
    }

    @Override
    public List<String> nearest(String word) {
        return List.of();
    }
}
