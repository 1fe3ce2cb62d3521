package fluidframe.core.audit;

import fluidframe.core.figure.Mute;
import fluidframe.core.notation.Place;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * What a rule has to say about one place of a figure.
 *
 * @param rule id of the rule
 * @param severity how much it matters
 * @param place where
 * @param stated what the chart says there
 * @param reckoned what it was compared with
 * @param sentence both, in one plain sentence
 * @param fixes changes that mend it, the likeliest first; each has been tried
 * @param muted why the coach accepts it, if so
 */
@RecordBuilder
public record Finding(
        String rule,
        Severity severity,
        Place place,
        String stated,
        String reckoned,
        String sentence,
        List<Fix> fixes,
        Optional<String> muted)
        implements FindingBuilder.With {

    public Finding {
        fixes = List.copyOf(fixes);
    }

    Finding(
            String rule,
            Severity severity,
            Place place,
            String stated,
            String reckoned,
            String sentence,
            List<Fix> fixes) {
        this(rule, severity, place, stated, reckoned, sentence, fixes, Optional.empty());
    }

    /** This finding told of a way of dancing the figure; what would mend the charts need not mend it. */
    Finding of(DancedWay way) {
        return with().place(way.own(place))
                .sentence(way.said() + sentence)
                .fixes(List.of())
                .build();
    }

    public boolean isMuted() {
        return muted.isPresent();
    }

    /** This finding, muted if one of the mutes names its rule and its place or every place. */
    Finding mutedBy(List<Mute> mutes) {
        return mutedBy(mutes, place);
    }

    /** The same, where a mute may name the place in the charts from which a way of dancing it is made. */
    Finding mutedBy(List<Mute> mutes, Place charted) {
        return mutes.stream()
                .filter(mute -> mute.rule().equals(rule)
                        && (mute.at().isEmpty()
                                || mute.at().equals(place.pointer())
                                || mute.at().equals(charted.pointer())))
                .findFirst()
                .map(mute -> withFixes(List.of()).withMuted(Optional.of(mute.reason())))
                .orElse(this);
    }
}
