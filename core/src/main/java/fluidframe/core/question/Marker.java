package fluidframe.core.question;

import fluidframe.core.notation.CellReader;
import fluidframe.core.notation.CellReading;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Counts;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.question.Mark.Outcome;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Count;
import fluidframe.core.time.CountException;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Marks answers, which are read as the cells of a chart are: what means the same is right, and of what is nearly right
 * it is said what is missing.
 */
public final class Marker {

    private static final Pattern NOT_A_NUMBER = Pattern.compile("[^0-9]+");
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[\\s,;()]+");

    /** The word for a small step in a chart. */
    private static final String SMALL = "small";

    private Marker() {}

    public static Mark mark(Question question, String answer) {
        if (answer.isBlank()) {
            return new Mark(Outcome.UNREAD, QuestionSentences.nothingWasAnswered());
        }
        Expected expected = question.expected();
        if (SpokenAnswer.givesUp(answer)) {
            return wrong(expected.wording());
        }
        if (expected instanceof Expected.Said said) {
            return said(said, answer.strip());
        }
        if (expected instanceof Expected.Counted counted) {
            return counted(counted, answer.strip());
        }
        if (expected instanceof Expected.Chosen chosen) {
            return chosen(chosen, answer.strip());
        }
        if (expected instanceof Expected.Located located) {
            return numbers(List.of(located.row() + 1), answer, QuestionSentences.theNumberOfAStep(), located.wording());
        }
        return numbers(
                ((Expected.Ordered) expected)
                        .order().stream().map(row -> row + 1).toList(),
                answer,
                QuestionSentences.theNumbersOfTheStepsIn(),
                expected.wording());
    }

    private static Mark right() {
        return new Mark(Outcome.RIGHT, "Right.");
    }

    private static Mark wrong(String wording) {
        return new Mark(Outcome.WRONG, QuestionSentences.itIs(wording));
    }

    private static Mark said(Expected.Said said, String answer) {
        Optional<String> plain = SpokenAnswer.plain(said.column(), answer);
        CellReading reading = read(said, answer);
        if (!reading.isUnderstood() && plain.isPresent()) {
            CellReading again = read(said, plain.get());
            reading = again.isUnderstood() || reading.choices().isEmpty() ? again : reading;
        }
        String given;
        if (reading.isUnderstood()) {
            given = said.column().shorthandOf(reading.value().orElseThrow());
        } else if (said.column() != Column.FOOT && SpokenAnswer.isNone(answer)) {
            given = "";
        } else if (plain.filter(SpokenAnswer::isOnlySmall).isPresent()) {
            given = SMALL;
        } else {
            return unread(answer, reading);
        }
        if (isNothing(given) && isNothing(said.shorthand())) {
            return right();
        }
        if (given.equals(said.shorthand())) {
            return right();
        }
        if (isNothing(given) || isNothing(said.shorthand())) {
            return confused(said, given);
        }
        Set<String> missing = words(said.shorthand());
        missing.removeAll(words(given));
        Set<String> more = words(given);
        more.removeAll(words(said.shorthand()));
        return more.isEmpty()
                ? new Mark(
                        Outcome.NEARLY,
                        QuestionSentences.nearlyIsMissingItIs(String.join(", ", missing), said.wording()))
                : missing.isEmpty()
                        ? new Mark(
                                Outcome.NEARLY,
                                QuestionSentences.nearlyIsTooMuchItIs(String.join(", ", more), said.wording()))
                        : confused(said, given);
    }

    private static CellReading read(Expected.Said said, String answer) {
        return CellReader.read(
                said.column(),
                answer,
                DraftWriter.write(said.figure()).chart(said.part()),
                said.row(),
                said.figure().dance());
    }

    private static Mark unread(String answer, CellReading reading) {
        List<String> choices =
                reading.choices().stream().map(CellReading.Choice::wording).toList();
        String expected = choices.isEmpty()
                ? QuestionSentences.expected(reading.expected())
                : QuestionSentences.didYouMean(String.join(", or ", choices));
        return new Mark(Outcome.UNREAD, QuestionSentences.isNotUnderstood(answer, expected));
    }

    private static boolean isNothing(String shorthand) {
        return shorthand.isEmpty() || shorthand.equals("-");
    }

    private static Mark confused(Expected.Said said, String given) {
        return Confusion.of(said, given)
                .map(confusion -> new Mark(Outcome.WRONG, QuestionSentences.itIsConfused(said.wording(), confusion)))
                .orElseGet(() -> wrong(said.wording()));
    }

    private static Set<String> words(String shorthand) {
        return new LinkedHashSet<>(Arrays.asList(BETWEEN_WORDS.split(shorthand)));
    }

    /** Right is every count whose steps fall on the same beats. */
    private static Mark counted(Expected.Counted counted, String answer) {
        Timing timing = counted.figure().timing(counted.part());
        int steps = timing.slots().size();
        Optional<Count> given = count(answer, steps);
        if (given.isEmpty()) {
            return new Mark(Outcome.UNREAD, QuestionSentences.isNotACountExpectedOne(answer, timing.inWords()));
        }
        int marks = given.get().tokens().size();
        if (marks != steps) {
            return new Mark(
                    Outcome.WRONG,
                    QuestionSentences.thatCountsStepItHasSteps(marks, marks == 1, steps, counted.wording()));
        }
        try {
            List<Slot> slots =
                    Timing.of(timing.rhythm(), given.get(), timing.length()).slots();
            boolean same = IntStream.range(0, steps)
                    .allMatch(step -> slots.get(step)
                            .onset()
                            .equals(timing.slots().get(step).onset()));
            return same ? right() : wrong(counted.wording());
        } catch (CountException e) {
            return wrong(counted.wording());
        }
    }

    private static Optional<Count> count(String answer, int steps) {
        try {
            return Optional.of(Counts.read(answer, steps))
                    .filter(count -> !count.tokens().isEmpty());
        } catch (UnreadableTextException notOne) {
            return Optional.empty();
        }
    }

    private static Mark chosen(Expected.Chosen chosen, String answer) {
        int named = IntStream.range(0, chosen.options().size())
                .filter(i -> chosen.options().get(i).equalsIgnoreCase(answer)
                        || String.valueOf(i + 1).equals(answer))
                .findFirst()
                .orElse(-1);
        return named < 0
                ? new Mark(
                        Outcome.UNREAD,
                        QuestionSentences.isNoneOfThemExpectedA(
                                answer, chosen.options().size()))
                : named == chosen.right() ? right() : wrong(chosen.wording());
    }

    private static Mark numbers(List<Integer> expected, String answer, String what, String wording) {
        List<Integer> given = NOT_A_NUMBER
                .splitAsStream(answer)
                .filter(text -> !text.isEmpty() && text.length() < 4)
                .map(Integer::valueOf)
                .toList();
        if (given.size() != expected.size()) {
            return new Mark(Outcome.UNREAD, QuestionSentences.isNotUnderstoodExpected(answer, what));
        }
        if (given.equals(expected)) {
            return right();
        }
        long same = IntStream.range(0, given.size())
                .takeWhile(i -> given.get(i).equals(expected.get(i)))
                .count();
        return expected.size() == 1
                ? new Mark(
                        Outcome.WRONG,
                        QuestionSentences.itIsConfused(wording, QuestionSentences.stepIsRight(given.get(0))))
                : new Mark(
                        Outcome.WRONG,
                        QuestionSentences.itIsConfused(wording, QuestionSentences.theFirstWereRight(same)));
    }
}
