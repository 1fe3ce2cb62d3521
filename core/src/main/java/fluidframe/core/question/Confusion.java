package fluidframe.core.question;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.notation.Column;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Slot;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What a wrong answer confuses with what: left with right, facing with backing, heel with toe, the amount of a turn
 * with another, the other dancer's part, or another step of the same figure.
 */
final class Confusion {

    private static final Pattern BETWEEN = Pattern.compile("[\\s,;()]+");
    private static final Map<String, String> SIDES = Map.of("L", "R", "R", "L", "LF", "RF", "RF", "LF");
    private static final Map<String, String> FACINGS = Map.of("f", "b", "b", "f");
    private static final Map<String, String> EDGES = Map.of("fwd", "bk", "bk", "fwd", "XF", "XB", "XB", "XF");
    private static final Set<String> WAYS = Set.of("L", "R");

    private Confusion() {}

    /** In a sentence; empty where the answer resembles nothing that is near. */
    static Optional<String> of(Expected.Said said, String given) {
        if (given.isEmpty() || given.equals("-")) {
            return Optional.of(QuestionSentences.thereIsSome(said.column().title()));
        }
        return Stream.of(
                        exchanged(said, given, SIDES, QuestionSentences.leftAndRightExchanged()),
                        exchanged(said, given, FACINGS, QuestionSentences.facingAndBackingExchanged()),
                        exchanged(said, given, EDGES, QuestionSentences.forwardAndBackExchanged()),
                        reversed(said, given),
                        sameWay(said, given),
                        partners(said, given),
                        elsewhere(said, given))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Also where only a part of the answer was given. */
    private static Optional<String> exchanged(
            Expected.Said said, String given, Map<String, String> pairs, String sentence) {
        List<String> exchanged =
                words(given).map(word -> pairs.getOrDefault(word, word)).toList();
        return !exchanged.equals(words(given).toList())
                        && words(said.shorthand()).toList().containsAll(exchanged)
                ? Optional.of(sentence)
                : Optional.empty();
    }

    /** Heel then toe for toe then heel. */
    private static Optional<String> reversed(Expected.Said said, String given) {
        return said.column() == Column.FOOTWORK
                        && given.length() > 1
                        && new StringBuilder(given).reverse().toString().equals(said.shorthand())
                ? Optional.of(QuestionSentences.theOtherWayRound())
                : Optional.empty();
    }

    private static Optional<String> sameWay(Expected.Said said, String given) {
        if (said.column() != Column.TURN) {
            return Optional.empty();
        }
        Set<String> ways = ways(given);
        return !ways.isEmpty() && ways.equals(ways(said.shorthand()))
                ? Optional.of(QuestionSentences.theWayIsRightTheAmountNot())
                : Optional.empty();
    }

    private static Set<String> ways(String shorthand) {
        return words(shorthand).filter(WAYS::contains).collect(Collectors.toSet());
    }

    /** What the other does at the same time. */
    private static Optional<String> partners(Expected.Said said, String given) {
        Part other = said.part().partner();
        Figure figure = said.figure();
        Beats onset = figure.timing(said.part()).slots().get(said.row()).onset();
        List<Slot> slots = figure.timing(other).slots();
        return IntStream.range(0, slots.size())
                .filter(row -> slots.get(row).onset().equals(onset) && stands(said, other, row, given))
                .mapToObj(row -> QuestionSentences.theOtherDoesThat(other.wording()))
                .findFirst();
    }

    /** Another step of the same chart, the nearest first. */
    private static Optional<String> elsewhere(Expected.Said said, String given) {
        Map<Integer, Integer> byDistance = new TreeMap<>();
        IntStream.range(0, said.figure().chart(said.part()).steps().size())
                .filter(row -> row != said.row() && stands(said, said.part(), row, given))
                .forEach(row -> byDistance.putIfAbsent(Math.abs(row - said.row()), row));
        return byDistance.values().stream().findFirst().map(row -> QuestionSentences.thatIsStep(row + 1));
    }

    private static boolean stands(Expected.Said said, Part part, int row, String given) {
        Step step = said.figure().chart(part).steps().get(row);
        return new LinkedHashSet<>(words(said.column().shorthand(step)).toList())
                .equals(new LinkedHashSet<>(words(given).toList()));
    }

    private static Stream<String> words(String shorthand) {
        return Arrays.stream(BETWEEN.split(shorthand));
    }
}
