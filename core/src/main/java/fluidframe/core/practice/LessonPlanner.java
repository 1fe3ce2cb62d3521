package fluidframe.core.practice;

import fluidframe.core.figure.Caution;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Fills the minutes of a lesson: a warm-up, what is most urgent, the routine in work, and what is taken home. What is
 * due has six tenths of the time, five minutes each; no figure comes twice, for its faults are worked on with it. The
 * minutes add up.
 */
public final class LessonPlanner {

    public static final int SHORTEST = 10;
    public static final int LONGEST = 240;
    private static final int EACH = 5;
    private static final int HOME = 2;
    private static final int WARM_UP_SHARE = 10;
    private static final int LEAST_WARM_UP = 3;
    private static final double DUE_SHARE = 0.6;

    private LessonPlanner() {}

    /**
     * @param due the most urgent first
     * @param routine the title of the routine in work
     * @param titles tells the title of a figure of an id
     * @throws IllegalArgumentException if it is no length for a lesson
     */
    public static List<LessonPart> plan(
            int minutes, List<Due> due, Optional<String> routine, UnaryOperator<String> titles) {
        if (minutes < SHORTEST || minutes > LONGEST) {
            throw new IllegalArgumentException(
                    PracticeSentences.aLessonOfMinutesExpectedTo(minutes, SHORTEST, LONGEST));
        }
        List<LessonPart> parts = new ArrayList<>();
        int warmUp = Math.max(LEAST_WARM_UP, minutes / WARM_UP_SHARE);
        parts.add(new LessonPart(PracticeSentences.warmUp(), warmUp, Optional.empty(), Caution.WARM_UP.wording()));
        int left = minutes - warmUp - HOME;
        int most = Math.max(1, (int) (left * (routine.isPresent() ? DUE_SHARE : 1) / EACH));
        List<Due> chosen = chosen(due, most);
        for (Due each : chosen) {
            parts.add(new LessonPart(
                    each.subject().wording(titles),
                    Math.min(EACH, left),
                    Optional.of(each.subject()),
                    String.join("; ", DueSentence.of(each))));
            left -= Math.min(EACH, left);
        }
        if (left > 0) {
            parts.add(new LessonPart(
                    routine.orElse(PracticeSentences.freeDancing()),
                    left,
                    Optional.empty(),
                    routine.isPresent()
                            ? PracticeSentences.theRoutineInWorkWithWhat()
                            : PracticeSentences.whatIsLeftOfTheTime()));
        }
        parts.add(new LessonPart(
                PracticeSentences.whatIsTakenHome(),
                HOME,
                Optional.empty(),
                PracticeSentences.oneThingToPractiseUntilNext()));
        return parts;
    }

    /** The most urgent, each figure once. */
    private static List<Due> chosen(List<Due> due, int most) {
        List<Due> chosen = new ArrayList<>();
        List<Optional<String>> figures = new ArrayList<>();
        for (Due each : due) {
            Optional<String> figure = each.subject() instanceof Subject.Seam
                    ? Optional.empty()
                    : each.subject().figure();
            if (chosen.size() < most
                    && !(each.subject() instanceof Subject.Charted)
                    && (figure.isEmpty() || !figures.contains(figure))) {
                chosen.add(each);
                figures.add(figure);
            }
        }
        return chosen;
    }
}
