package fluidframe.core.talk;

import fluidframe.core.notation.Column;
import fluidframe.core.step.Foot;
import java.util.Optional;
import java.util.Set;

/** Which foot a step is taken with. */
final class FootWords {

    private final Sentence sentence;

    FootWords(Sentence sentence) {
        this.sentence = sentence;
    }

    /** "Right foot", "LF", and "to left" after what closes. */
    int foot(int at) {
        int feet = at;
        boolean on = sentence.tokens.get(at).is("on") || sentence.tokens.get(at).is("with");
        while (feet < sentence.tokens.size()
                && Set.of("the", "his", "her", "on", "with")
                        .contains(sentence.tokens.get(feet).word())) {
            feet++;
        }
        if (!sentence.isFoot(feet)
                || sentence.end.isPresent()
                || on && (sentence.rows().now() < 0 || sentence.rows().said(Column.FOOT))) {
            return at;
        }
        int after = feet + 1;
        if (after < sentence.tokens.size()
                && (sentence.tokens.get(after).is("foot")
                        || sentence.tokens.get(after).is("feet"))) {
            after++;
        }
        Optional<Foot> foot = Foot.LEXICON.find(sentence.tokens.get(feet).word());
        if (foot.isEmpty()) {
            return at;
        }
        boolean verbFirst = sentence.placedHere
                && sentence.rows().now() >= 0
                && sentence.rows().said(Column.FOOT_POSITION)
                && !sentence.rows().said(Column.FOOT);
        boolean named = sentence.rowNamed
                        && !sentence.rows().said(Column.FOOT)
                        && (sentence.placedHere || !sentence.rows().said(Column.FOOT_POSITION))
                || sentence.amends;
        if (!verbFirst
                && !named
                && (sentence.rows().now() < 0
                        || sentence.rows().said(Column.FOOT)
                        || sentence.rows().said(Column.FOOT_POSITION))) {
            sentence.rows().next();
            sentence.rowNamed = true;
        }
        if (sentence.rows().now() < 0) {
            return at;
        }
        sentence.put(sentence.rows().now(), Column.FOOT, foot.get().shorthand(), at, after);
        return verbFirst ? otherFoot(after) : after;
    }

    /** "(Close right) to left": the foot it goes to says nothing more. */
    private int otherFoot(int at) {
        int after = at;
        while (after < sentence.tokens.size()
                && Set.of("to", "the", "towards", "left", "right", "lf", "rf", "l", "r", "foot")
                        .contains(sentence.tokens.get(after).word())) {
            after++;
        }
        return after;
    }
}
