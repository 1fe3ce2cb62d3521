package fluidframe.core.audit;

import fluidframe.core.notation.Place;

import java.util.List;

/**
 * What a rule has to say about one place of a figure.
 *
 * @param rule     id of the rule
 * @param severity how much it matters
 * @param place    where
 * @param stated   what the chart says there
 * @param reckoned what it was compared with
 * @param sentence both, in one plain sentence
 * @param fixes    changes that mend it, the likeliest first; each has been tried
 */
public record Finding(String rule, Severity severity, Place place, String stated, String reckoned, String sentence,
                      List<Fix> fixes) {

    public Finding {
        fixes = List.copyOf(fixes);
    }

    public Finding withFixes(List<Fix> others) {
        return new Finding(rule, severity, place, stated, reckoned, sentence, others);
    }
}
