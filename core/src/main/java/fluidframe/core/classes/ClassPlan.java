package fluidframe.core.classes;

import fluidframe.core.figure.Caution;
import java.util.List;

/**
 * A class from beginning to end.
 *
 * @param parts one after another; their minutes add up to those of the class
 * @param cautions what is said once before it begins
 * @param notes what a coach should know of the chain: links that bend or break, figures above the level, deep elements
 *     for beginners
 */
public record ClassPlan(String title, List<ClassPart> parts, List<Caution> cautions, List<String> notes) {

    public ClassPlan {
        parts = List.copyOf(parts);
        cautions = List.copyOf(cautions);
        notes = List.copyOf(notes);
    }

    public int minutes() {
        return parts.stream().mapToInt(ClassPart::minutes).sum();
    }
}
