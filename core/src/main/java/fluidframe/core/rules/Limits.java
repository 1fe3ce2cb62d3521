package fluidframe.core.rules;

import java.util.Locale;
import java.util.Optional;
import org.apache.commons.lang3.StringUtils;

/** From the least to the most that is allowed, both included; either may be open. */
public record Limits(Optional<Double> least, Optional<Double> most) {

    /** Anything goes. */
    public static final Limits NONE = new Limits(Optional.empty(), Optional.empty());

    /**
     * @throws IllegalArgumentException if one is not a number of nothing or more, or the least is more than the most
     */
    public Limits {
        if (least.filter(each -> !(each >= 0)).isPresent()
                || most.filter(each -> !(each >= 0)).isPresent()) {
            throw new IllegalArgumentException(RulesSentences.limitsAreNumbersOfNothingOr());
        }
        if (least.isPresent() && most.isPresent() && least.get() > most.get()) {
            throw new IllegalArgumentException(
                    RulesSentences.theLeastIsMoreThanThe(said(least.get()), said(most.get())));
        }
    }

    public static Limits of(double least, double most) {
        return new Limits(Optional.of(least), Optional.of(most));
    }

    public static Limits atMost(double most) {
        return new Limits(Optional.empty(), Optional.of(most));
    }

    public boolean bind() {
        return least.isPresent() || most.isPresent();
    }

    public boolean allow(double value) {
        return least.filter(each -> value < each).isEmpty()
                && most.filter(each -> value > each).isEmpty();
    }

    /** How far a value is from the nearer limit; endless where none binds. */
    public double room(double value) {
        return Math.min(
                least.map(each -> Math.abs(value - each)).orElse(Double.POSITIVE_INFINITY),
                most.map(each -> Math.abs(each - value)).orElse(Double.POSITIVE_INFINITY));
    }

    /** How far apart the two are; endless where one is open. */
    public double width() {
        return least.isPresent() && most.isPresent() ? most.get() - least.get() : Double.POSITIVE_INFINITY;
    }

    /** "80 to 90", "at most 90", "at least 80", "any". */
    @Override
    public String toString() {
        if (least.isPresent() && most.isPresent()) {
            return least.equals(most) ? said(least.get()) : said(least.get()) + " to " + said(most.get());
        }
        return most.map(each -> RulesSentences.atMost(said(each)))
                .or(() -> least.map(each -> RulesSentences.atLeast(said(each))))
                .orElse("any");
    }

    /** A number to one decimal, whole where it is. */
    public static String said(double number) {
        return StringUtils.removeEnd(String.format(Locale.ROOT, "%.1f", number), ".0");
    }
}
