package fluidframe.core.talk;

import fluidframe.core.notation.FigureDraft;
import fluidframe.core.phrase.Leftover;
import java.util.List;

/**
 * What a telling made of a figure.
 *
 * @param figure the figure as far as it was told; cells that were derived are named in it
 * @param taken what was taken from which words, in the order of the text
 * @param leftovers the words that were not understood, in the order of the text
 */
public record Description(FigureDraft figure, List<Taken> taken, List<Leftover> leftovers) {

    public Description {
        taken = List.copyOf(taken);
        leftovers = List.copyOf(leftovers);
    }
}
