package fluidframe.core.practice;

import java.util.List;

/** Says why something should be practised. */
public final class DueSentence {

    private DueSentence() {}

    /** The reasons of one thing, the weightiest first. */
    public static List<String> of(Due due) {
        return due.reasons().stream().map(DueSentence::of).toList();
    }

    private static String of(DueReason reason) {
        if (reason instanceof DueReason.OfEvent event) {
            return PracticeSentences.eventInDays(event.title(), event.days());
        }
        if (reason instanceof DueReason.OfRoutine routine) {
            return PracticeSentences.inRoutine(routine.title());
        }
        if (reason instanceof DueReason.Seen seen) {
            return PracticeSentences.seenTimes(seen.times());
        }
        if (reason instanceof DueReason.WentLast last) {
            return PracticeSentences.whenLastDanced(last.grade().shorthand());
        }
        if (reason instanceof DueReason.DancedLast last) {
            return PracticeSentences.lastDaysAgo(last.days());
        }
        if (reason instanceof DueReason.LikelyToHold likely) {
            return PracticeSentences.likelyToHold(Math.round(likely.recall() * 100));
        }
        return reason instanceof DueReason.NextInOrder
                ? PracticeSentences.nextInTheTeachingOrder()
                : PracticeSentences.notShownYet();
    }
}
