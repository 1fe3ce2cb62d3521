package fluidframe.core.standing;

import fluidframe.core.replacing.Rewritten;

/** A way to make a routine stand against a rule. */
public sealed interface RulingRepair {

    /** What to do, in one sentence. */
    String sentence();

    /** Something else is danced. */
    record Danced(String sentence, Rewritten rewritten) implements RulingRepair {}

    /** It is danced at another tempo, bars a minute. */
    record OtherTempo(String sentence, int barsPerMinute) implements RulingRepair {}
}
