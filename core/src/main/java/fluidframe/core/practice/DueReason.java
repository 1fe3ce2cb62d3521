package fluidframe.core.practice;

import fluidframe.core.memory.Grade;

/** A reason why something should be practised. */
public sealed interface DueReason {

    /**
     * It is danced at an event.
     *
     * @param days from today
     */
    record OfEvent(String title, long days) implements DueReason {}

    /** A routine in work has it. */
    record OfRoutine(String title) implements DueReason {}

    /** A fault that was seen so often. */
    record Seen(int times) implements DueReason {}

    /** How it went when it was last danced. */
    record WentLast(Grade grade) implements DueReason {}

    /**
     * When it was last danced.
     *
     * @param days before today
     */
    record DancedLast(long days) implements DueReason {}

    /** @param recall how likely it is to be had now, from 0 to 1 */
    record LikelyToHold(double recall) implements DueReason {}

    /** It belongs to what they are to dance and has not been shown. */
    record NotShown() implements DueReason {}

    /** It is what the teaching order of its dance has next. */
    record NextInOrder() implements DueReason {}
}
