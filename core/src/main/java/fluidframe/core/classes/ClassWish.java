package fluidframe.core.classes;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import java.util.List;

/**
 * What a class is to be about.
 *
 * @param chain a figure, or some that are danced one after another, all of one dance
 * @param level how far those who come are
 * @param minutes how long it lasts
 * @param men how many dance as men
 * @param ladies how many as ladies
 */
public record ClassWish(List<Figure> chain, Level level, int minutes, int men, int ladies) {

    public static final int SHORTEST = 15;
    public static final int LONGEST = 180;
    public static final int MOST_FIGURES = 8;
    public static final int MOST_OF_A_PART = 100;

    /** @throws IllegalArgumentException naming what cannot be */
    public ClassWish {
        chain = List.copyOf(chain);
        if (chain.isEmpty() || chain.size() > MOST_FIGURES) {
            throw new IllegalArgumentException(ClassesSentences.figuresExpected1To(chain.size(), MOST_FIGURES));
        }
        if (chain.stream().map(Figure::dance).distinct().count() > 1) {
            throw new IllegalArgumentException(ClassesSentences.figuresOfSeveralDancesExpectedThose());
        }
        if (minutes < SHORTEST || minutes > LONGEST) {
            throw new IllegalArgumentException(ClassesSentences.minutesExpectedTo(minutes, SHORTEST, LONGEST));
        }
        if (men < 0 || ladies < 0 || men > MOST_OF_A_PART || ladies > MOST_OF_A_PART) {
            throw new IllegalArgumentException(ClassesSentences.menAndLadiesExpected0To(men, ladies, MOST_OF_A_PART));
        }
    }
}
