package fluidframe.core.practice;

import java.util.List;

/**
 * Says in plain words how what is due is put in order, for whoever wants to know why one thing comes before another.
 */
public final class PracticeOrderSentence {

    private PracticeOrderSentence() {}

    /** One sentence for each rule, the weightiest first. */
    public static List<String> all() {
        return List.of(
                PracticeSentences.orderOfLoss(),
                PracticeSentences.orderOfEvents(WhatToday.FAR_DAYS),
                PracticeSentences.orderOfRoutines(Math.round(WhatToday.IN_WORK * 100)),
                PracticeSentences.orderOfFaults(Math.round(WhatToday.EACH_TIME_SEEN * 100), WhatToday.MOST_TIMES_SEEN),
                PracticeSentences.orderOfNewFigures(),
                PracticeSentences.orderLeavesOut(Math.round(WhatToday.SURE * 100), WhatToday.TAUGHT_DAYS));
    }
}
