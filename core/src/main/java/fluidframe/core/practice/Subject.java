package fluidframe.core.practice;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.text.PlainText;
import fluidframe.core.text.UnreadableTextException;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.lang3.StringUtils;

/** Something that is practised and remembered by itself. */
public sealed interface Subject {

    /** What to say was expected where a text names no subject. */
    String EXPECTED = PracticeSentences.whatWasPractisedSuchAsFigure();

    Pattern FIGURE = Pattern.compile("figure~([a-z0-9-]{1,120})");
    Pattern SEAM = Pattern.compile("seam~([a-z0-9-]{1,120})~([a-z0-9-]{1,120})");
    Pattern FAULT = Pattern.compile("fault~([a-z0-9-]{1,120})~(man|lady)~(\\d{1,2})~([a-zA-Z]{0,30})~([^~]{1,200})");
    Pattern POSTURE = Pattern.compile("posture~([a-z0-9-]{1,120})");
    Pattern CHART = Pattern.compile("chart~([a-z0-9-]{1,120})~([a-z -]{1,40})");

    /** The id of the figure it is practised in; of a seam the one that leads into it; empty for a posture. */
    Optional<String> figure();

    /**
     * In words.
     *
     * @param titles tells the title of a figure or posture of an id
     */
    String wording(UnaryOperator<String> titles);

    /** @throws UnreadableTextException if it names no subject */
    static Subject parse(String text) {
        Matcher matcher = FIGURE.matcher(text);
        if (matcher.matches()) {
            return new Whole(matcher.group(1));
        }
        matcher = SEAM.matcher(text);
        if (matcher.matches()) {
            return new Seam(matcher.group(1), matcher.group(2));
        }
        matcher = FAULT.matcher(text);
        if (matcher.matches()) {
            return fault(matcher, text);
        }
        matcher = POSTURE.matcher(text);
        if (matcher.matches()) {
            return new Posture(matcher.group(1));
        }
        matcher = CHART.matcher(text);
        if (matcher.matches()) {
            return new Charted(matcher.group(1), matcher.group(2));
        }
        throw new UnreadableTextException(text, EXPECTED);
    }

    private static Fault fault(Matcher matcher, String text) {
        Optional<Column> cell = Optional.of(matcher.group(4))
                .filter(name -> !name.isEmpty())
                .map(name -> Column.find(name).orElseThrow(() -> new UnreadableTextException(text, EXPECTED)));
        return new Fault(
                matcher.group(1),
                Part.named(matcher.group(2)).orElseThrow(),
                Integer.parseInt(matcher.group(3)),
                cell,
                matcher.group(5));
    }

    /** A figure from beginning to end. */
    record Whole(String id) implements Subject {

        @Override
        public Optional<String> figure() {
            return Optional.of(id);
        }

        @Override
        public String wording(UnaryOperator<String> titles) {
            return titles.apply(id);
        }

        @Override
        public String toString() {
            return "figure~" + id;
        }
    }

    /** One figure leading into another. */
    record Seam(String from, String to) implements Subject {

        @Override
        public Optional<String> figure() {
            return Optional.of(from);
        }

        @Override
        public String wording(UnaryOperator<String> titles) {
            return titles.apply(from) + " into " + titles.apply(to);
        }

        @Override
        public String toString() {
            return "seam~" + from + "~" + to;
        }
    }

    /**
     * A fault, pinned to where it happens.
     *
     * @param step from 1; 0 where it belongs to the whole figure
     * @param cell what of the step is wrong; empty where it is the whole step
     */
    record Fault(String id, Part part, int step, Optional<Column> cell, String words) implements Subject {

        public Fault {
            words = StringUtils.removeEnd(
                    PlainText.ofLine(words.replace('~', '-')).text().strip(), ".");
        }

        @Override
        public Optional<String> figure() {
            return Optional.of(id);
        }

        @Override
        public String wording(UnaryOperator<String> titles) {
            return titles.apply(id) + ", " + place() + ": " + words;
        }

        /** "man, step 3, footwork". */
        public String place() {
            return part.wording()
                    + (step == 0 ? "" : ", step " + step)
                    + cell.map(column -> ", " + column.title().toLowerCase(Locale.ROOT))
                            .orElse("");
        }

        /** The same fault however its words are spelt. */
        @Override
        public boolean equals(Object other) {
            return other instanceof Fault fault && toString().equalsIgnoreCase(fault.toString());
        }

        @Override
        public int hashCode() {
            return toString().toLowerCase(Locale.ROOT).hashCode();
        }

        @Override
        public String toString() {
            return String.join(
                    "~",
                    "fault",
                    id,
                    part.key(),
                    String.valueOf(step),
                    cell.map(Column::key).orElse(""),
                    words);
        }
    }

    /** Posture and hold, built up from the feet. */
    record Posture(String id) implements Subject {

        @Override
        public Optional<String> figure() {
            return Optional.empty();
        }

        @Override
        public String wording(UnaryOperator<String> titles) {
            return titles.apply(id);
        }

        @Override
        public String toString() {
            return "posture~" + id;
        }
    }

    /** What is known of a figure's chart: one kind of question. */
    record Charted(String id, String kind) implements Subject {

        @Override
        public Optional<String> figure() {
            return Optional.of(id);
        }

        @Override
        public String wording(UnaryOperator<String> titles) {
            return PracticeSentences.onPaper(titles.apply(id), kind);
        }

        @Override
        public String toString() {
            return "chart~" + id + "~" + kind;
        }
    }
}
