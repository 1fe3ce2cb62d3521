package fluidframe.core.audit;

import fluidframe.core.notation.Place;
import java.util.List;

/** A rule with its names, and short ways to state a finding of it. */
abstract class CheckedRule implements Rule {

    private final String id;
    private final String title;
    private final String reason;

    CheckedRule(String id, String title, String reason) {
        this.id = id;
        this.title = title;
        this.reason = reason;
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final String title() {
        return title;
    }

    @Override
    public final String reason() {
        return reason;
    }

    final Finding error(Place place, String stated, String reckoned, String sentence, Fix... fixes) {
        return new Finding(id, Severity.ERROR, place, stated, reckoned, sentence, List.of(fixes));
    }

    final Finding warning(Place place, String stated, String reckoned, String sentence, Fix... fixes) {
        return new Finding(id, Severity.WARNING, place, stated, reckoned, sentence, List.of(fixes));
    }

    final Finding note(Place place, String stated, String reckoned, String sentence, Fix... fixes) {
        return new Finding(id, Severity.NOTE, place, stated, reckoned, sentence, List.of(fixes));
    }
}
