package fluidframe.core.rules;

import fluidframe.core.figure.Level;
import fluidframe.core.link.ElementKind;
import fluidframe.core.step.Action;
import java.util.Set;

/**
 * What may be danced.
 *
 * @param highest the highest level of a figure
 * @param allowed ids of the only figures that may come; empty for all
 * @param barred ids of figures that must not
 * @param elements elements that must not come
 * @param actions actions that no step may have: dips, drops to the knee and the like
 * @param parts whether figures may be danced in part
 * @param syllabus whether only listed figures may follow each other
 * @param lifts whether lifts are allowed
 */
public record FigureRule(
        Level highest,
        Set<String> allowed,
        Set<String> barred,
        Set<ElementKind> elements,
        Set<Action> actions,
        PartsRule parts,
        boolean syllabus,
        boolean lifts) {

    public static final FigureRule OPEN =
            new FigureRule(Level.OPEN, Set.of(), Set.of(), Set.of(), Set.of(), PartsRule.ANY, false, false);

    public FigureRule {
        allowed = Set.copyOf(allowed);
        barred = Set.copyOf(barred);
        elements = Set.copyOf(elements);
        actions = Set.copyOf(actions);
    }

    /** Whether a figure may come by its name alone. */
    public boolean admits(String id) {
        return !barred.contains(id) && (allowed.isEmpty() || allowed.contains(id));
    }
}
