package fluidframe.core.drill;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.RepeatOutcome;
import fluidframe.core.figure.Repeats;
import fluidframe.core.link.Dancing;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * An exercise as it is said to those who do it.
 *
 * @param title what it is on
 * @param sentences what is done, in order
 * @param rightTimes how often the unit may be danced so that it ends on the right foot; empty where there is no unit
 * @param loops whether it can be danced again at once, its feet being as they were
 * @param cautions what is warned of, once
 */
public record DrillSheet(
        String title, List<String> sentences, List<Integer> rightTimes, boolean loops, Set<Caution> cautions) {

    public DrillSheet {
        sentences = List.copyOf(sentences);
        rightTimes = List.copyOf(rightTimes);
        cautions = Collections.unmodifiableSet(new TreeSet<>(cautions));
    }

    public static DrillSheet of(Drill drill) {
        String title = drill.chain().stream().map(Dancing::wording).collect(Collectors.joining(" into "));
        SortedSet<Caution> cautions = new TreeSet<>(Set.of(Caution.WARM_UP));
        drill.chain()
                .forEach(dancing -> cautions.addAll(dancing.figure().teaching().cautions()));
        List<Integer> right = right(drill);
        boolean loops = loops(drill);
        return new DrillSheet(title, sentences(drill, right, loops, cautions), right, loops, cautions);
    }

    private static List<Integer> right(Drill drill) {
        Dancing only = drill.chain().get(0);
        return drill.chain().size() > 1 || only.way().split().isPresent()
                ? List.of()
                : Repeats.table(only.figure()).stream()
                        .filter(RepeatOutcome::fits)
                        .map(RepeatOutcome::times)
                        .toList();
    }

    private static boolean loops(Drill drill) {
        Figure first = drill.chain().get(0).danced();
        Figure last = drill.chain().get(drill.chain().size() - 1).danced();
        return dancing(drill).stream().allMatch(part -> free(last, part, true).serves(free(first, part, false)));
    }

    private static List<Part> dancing(Drill drill) {
        return drill.alone().map(List::of).orElse(List.of(Part.values()));
    }

    private static Foot free(Figure figure, Part part, boolean after) {
        return after
                ? figure.chart(part).freeFeet().last()
                : figure.chart(part).freeFeet().before();
    }

    private static List<String> sentences(Drill drill, List<Integer> right, boolean loops, Set<Caution> cautions) {
        List<String> sentences = new ArrayList<>();
        sentences.add(who(drill) + with(drill) + ".");
        if (drill.flatShoes()) {
            sentences.add(DrillSentences.firstInFlatShoes());
        }
        if (cautions.stream().anyMatch(Caution.DEEP::contains)) {
            sentences.add(DrillSentences.lowAndSlowFirstWithA());
        }
        degrees(drill).ifPresent(sentences::add);
        if (right.size() > 1) {
            sentences.add(DrillSentences.theUnitEndsOnTheRight(either(right)));
        }
        sentences.add(loops ? DrillSentences.itEndsWithTheFootFree() : DrillSentences.itEndsWithTheOtherFoot());
        sentences.add(DrillSentences.countedWithoutMusicThenOfThe(
                rungs(drill.ladder()), times(drill.ladder().every())));
        return sentences;
    }

    private static String who(Drill drill) {
        return drill.alone()
                .map(part -> DrillSentences.theAloneWithTheFree(
                        part.wording(),
                        free(drill.chain().get(0).danced(), part, false).wording()))
                .orElse(DrillSentences.theCoupleTogether(
                        drill.chain().get(0).danced().start().hold().hands() == 0
                                ? ""
                                : ", in "
                                        + drill.chain()
                                                .get(0)
                                                .danced()
                                                .start()
                                                .hold()
                                                .wording()));
    }

    private static String with(Drill drill) {
        return drill.prop().isBlank() ? "" : ", with " + drill.prop().strip();
    }

    /** "One degree at a time: 25 %, then all of the man's quarter of a turn to the left." */
    private static Optional<String> degrees(Drill drill) {
        if (drill.degrees().isEmpty()) {
            return Optional.empty();
        }
        String shares = drill.degrees().stream()
                .map(degree -> degree == 100 ? "all" : degree + " %")
                .collect(Collectors.joining(", then "));
        List<String> turns = new ArrayList<>();
        for (Part part : dancing(drill)) {
            int sixteenths = drill.chain().stream()
                    .flatMap(dancing -> dancing.danced().chart(part).steps().stream())
                    .mapToInt(
                            step -> step.turn().between().plus(step.turn().on()).sixteenths())
                    .sum();
            if (sixteenths != 0) {
                turns.add(DrillSentences.theS(part.wording(), new Turn(sixteenths).spoken()));
            }
        }
        return Optional.of(DrillSentences.oneDegreeAtATimeOf(shares, turns.isEmpty(), String.join(" and ", turns)));
    }

    private static String either(List<Integer> numbers) {
        String all = numbers.subList(0, numbers.size() - 1).stream()
                .map(String::valueOf)
                .collect(Collectors.joining(", "));
        return all + " or " + numbers.get(numbers.size() - 1);
    }

    private static String rungs(TempoLadder ladder) {
        return ladder.rungs().stream().map(percent -> percent + " %").collect(Collectors.joining(", "));
    }

    private static String times(int every) {
        return every == 1 ? "once" : every == 2 ? "twice" : every + " times";
    }
}
