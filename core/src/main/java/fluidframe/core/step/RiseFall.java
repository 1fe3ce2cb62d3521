package fluidframe.core.step;

import fluidframe.core.text.PlainText;
import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Rise and fall on one row, in the order it happens: {@code cr e1}, {@code cont}, {@code up, lo e3}, {@code NFR}. */
public record RiseFall(List<Phase> phases) {

    /** What the body does in height. */
    public enum Kind {
        COMMENCE("cr", "begins to rise"),
        CONTINUE("cont", "goes on rising"),
        UP("up", "up"),
        REMAIN_UP("rem up", "remains up"),
        LOWER("lo", "lowers"),
        BODY_RISE("BR", "body rise"),
        NO_FOOT_RISE("NFR", "no foot rise");

        private final String shorthand;
        private final String wording;

        Kind(String shorthand, String wording) {
            this.shorthand = shorthand;
            this.wording = wording;
        }
    }

    /**
     * @param kind what happens
     * @param atEnd whether it happens at the end of a step
     * @param step the number of that step, from 1, where the chart names it
     */
    public record Phase(Kind kind, boolean atEnd, Optional<Integer> step) {

        String wording() {
            return kind.wording
                    + (atEnd ? StepSentences.atTheEndOf() : step.isPresent() ? " on " : "")
                    + step.map(Object::toString).orElse(atEnd ? "the step" : "");
        }

        /** Beside the step itself, which needs no number there. */
        private String wordingBeside(int row, String count) {
            boolean itself = step.filter(number -> number == row + 1 || count.equals(String.valueOf(number)))
                    .isPresent();
            return itself
                    ? kind.wording + (atEnd ? StepSentences.atTheEndOfTheStep() : StepSentences.onTheStep())
                    : wording();
        }

        @Override
        public String toString() {
            return kind.shorthand
                    + (atEnd ? " e" : step.isPresent() ? " " : "")
                    + step.map(Object::toString).orElse("");
        }
    }

    public static final RiseFall NONE = new RiseFall(List.of());

    private static final String EXPECTED = StepSentences.riseAndFallSuchAsCr();
    private static final Pattern PHASE = Pattern.compile(
            " ?[,;]? ?(?<kind>rem(?:ains?)? up|nfr|no foot rise|br|body rise|cr|commences?(?: to rise)?|cont(?:inues?)?|up|lo(?:wers?)?)(?!\\w)"
                    + "(?: ?(?:(?<end>e(?:nd of)?) ?(?<endstep>\\d{1,2})?|(?<step>\\d{1,2})))?(?=[ ,;]|$) ?",
            Pattern.CASE_INSENSITIVE);

    public RiseFall {
        phases = List.copyOf(phases);
    }

    /** @throws UnreadableTextException naming the text that is no rise or fall */
    public static RiseFall parse(String text) {
        if (text.isBlank() || text.strip().equals("-")) {
            return NONE;
        }
        List<Phase> phases = new ArrayList<>();
        String plain = PlainText.ofLine(text).text();
        Matcher matcher = PHASE.matcher(plain);
        int at = 0;
        while (at < plain.length()) {
            if (!matcher.region(at, plain.length()).lookingAt()) {
                throw new UnreadableTextException(
                        plain.substring(at).strip(), EXPECTED, List.of("cr e1", "up", "lo e3"));
            }
            Optional<Integer> step = Optional.ofNullable(matcher.group("endstep"))
                    .or(() -> Optional.ofNullable(matcher.group("step")))
                    .map(Integer::valueOf);
            phases.add(new Phase(kind(matcher.group("kind")), matcher.group("end") != null, step));
            at = matcher.end();
        }
        return new RiseFall(phases);
    }

    private static Kind kind(String text) {
        String plain = text.toLowerCase(Locale.ROOT);
        if (plain.startsWith("rem")) {
            return Kind.REMAIN_UP;
        }
        if (plain.startsWith("n")) {
            return Kind.NO_FOOT_RISE;
        }
        if (plain.startsWith("b")) {
            return Kind.BODY_RISE;
        }
        if (plain.startsWith("cont")) {
            return Kind.CONTINUE;
        }
        if (plain.startsWith("c")) {
            return Kind.COMMENCE;
        }
        return plain.equals("up") ? Kind.UP : Kind.LOWER;
    }

    public boolean has(Kind kind) {
        return phases.stream().anyMatch(phase -> phase.kind() == kind);
    }

    public boolean isNone() {
        return phases.isEmpty();
    }

    public String wording() {
        return phases.stream().map(Phase::wording).collect(Collectors.joining(", "));
    }

    /**
     * In words that stand beside a step: a number that means this step, by its place in the chart or by its count, is
     * not said.
     *
     * @param row from 0
     * @param count as it is written
     */
    public String wordingBeside(int row, String count) {
        return phases.stream().map(phase -> phase.wordingBeside(row, count)).collect(Collectors.joining(", "));
    }

    @Override
    public String toString() {
        return phases.stream().map(Phase::toString).collect(Collectors.joining(", "));
    }
}
