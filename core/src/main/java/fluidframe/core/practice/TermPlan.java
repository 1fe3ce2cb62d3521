package fluidframe.core.practice;

import fluidframe.core.memory.Grade;
import fluidframe.core.memory.Memory;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The lessons until an event and what each is for, if all goes well: in each those come that would be least likely to
 * hold on the day, figures before the seams between them.
 *
 * @param lessons in order
 * @param left what will not hold nine times out of ten on the day even so, and why
 */
public record TermPlan(List<Lesson> lessons, List<Left> left) {

    private static final int MOST_LESSONS = 200;

    /** When it is, and what is practised in it. */
    public record Lesson(Instant at, List<Subject> subjects) {}

    /**
     * What does not fit.
     *
     * @param recall how likely it is to be had on the day
     */
    public record Left(Subject subject, double recall, String why) {}

    /**
     * @param wanted figures and seams, in the order in which they are danced
     * @param first when the next lesson is
     * @param apart days from one lesson to the next, at least one
     * @param perLesson how many things one lesson has time for, at least one
     * @param day of the event
     */
    public static TermPlan towards(
            List<Subject> wanted, Ledger ledger, Instant first, int apart, int perLesson, Instant day) {
        Map<Subject, Memory> memories = new LinkedHashMap<>();
        ledger.all().forEach(practised -> memories.put(practised.subject(), practised.memory()));
        List<Lesson> lessons = new ArrayList<>();
        for (Instant at = first;
                at.isBefore(day) && lessons.size() < MOST_LESSONS;
                at = at.plus(Duration.ofDays(apart))) {
            lessons.add(new Lesson(at, lesson(wanted, memories, at, perLesson, day)));
        }
        return new TermPlan(lessons, left(wanted, memories, day));
    }

    private static List<Subject> lesson(
            List<Subject> wanted, Map<Subject, Memory> memories, Instant at, int perLesson, Instant day) {
        List<Subject> chosen = new ArrayList<>();
        Optional<Subject> next = neediest(wanted, memories, chosen, day);
        while (next.isPresent() && chosen.size() < perLesson) {
            chosen.add(next.get());
            memories.compute(
                    next.get(),
                    (subject, before) -> before == null ? Memory.first(Grade.GOOD, at) : before.then(Grade.GOOD, at));
            next = neediest(wanted, memories, chosen, day);
        }
        return chosen;
    }

    private static Optional<Subject> neediest(
            List<Subject> wanted, Map<Subject, Memory> memories, List<Subject> chosen, Instant day) {
        return wanted.stream()
                .filter(subject -> !chosen.contains(subject)
                        && isReady(subject, memories)
                        && recall(subject, memories, day) < Memory.WANTED)
                .min(Comparator.comparingDouble(subject -> recall(subject, memories, day)));
    }

    private static boolean isReady(Subject subject, Map<Subject, Memory> memories) {
        return !(subject instanceof Subject.Seam seam)
                || memories.containsKey(new Subject.Whole(seam.from()))
                        && memories.containsKey(new Subject.Whole(seam.to()));
    }

    private static double recall(Subject subject, Map<Subject, Memory> memories, Instant day) {
        Memory memory = memories.get(subject);
        return memory == null ? 0 : memory.recallAt(day);
    }

    private static List<Left> left(List<Subject> wanted, Map<Subject, Memory> memories, Instant day) {
        return wanted.stream()
                .distinct()
                .map(subject -> new Left(
                        subject,
                        recall(subject, memories, day),
                        memories.containsKey(subject)
                                ? PracticeSentences.shownButNotOftenEnoughTo()
                                : PracticeSentences.noLessonHasTimeToShow()))
                .filter(left -> left.recall() < Memory.WANTED)
                .sorted(Comparator.comparingDouble(Left::recall))
                .toList();
    }
}
