package fluidframe.core.choreography;

import fluidframe.core.amalgamation.Amalgamation;
import fluidframe.core.link.Dancing;
import fluidframe.core.routine.Passage;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.ScoredPlacement;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a routine has before what is composed for it, so that nothing is danced again too soon.
 *
 * @param groups the amalgamations it dances whole, by id, with how many ticks before they begin
 * @param figures the figures of its last eight bars, by id
 */
record Past(Map<String, Integer> groups, Set<String> figures) {

    private static final int SHORTLY_BARS = 8;

    static Past of(Brief brief) {
        if (brief.after().isEmpty()) {
            return new Past(Map.of(), Set.of());
        }
        List<ScoredPlacement> placed =
                brief.course().placements().subList(0, brief.after().get() + 1);
        ScoredPlacement last = placed.get(placed.size() - 1);
        int end = last.onset().plus(last.length()).ticks();
        int shortly = end - SHORTLY_BARS * brief.wish().music().bar().ticks();
        Set<String> figures = new HashSet<>();
        for (ScoredPlacement each : placed) {
            if (each.onset().plus(each.length()).ticks() > shortly
                    && each.placement().item() instanceof Dancing dancing) {
                figures.add(dancing.figure().id());
            }
        }
        List<String> keys =
                placed.stream().map(ScoredPlacement::placement).map(Past::key).toList();
        Map<String, Integer> groups = new HashMap<>();
        for (Amalgamation group : brief.shelf()) {
            List<String> its = group.routine().passages().stream()
                    .map(Passage::placement)
                    .map(Past::key)
                    .toList();
            for (int from = 0; from + its.size() <= keys.size(); from++) {
                if (keys.subList(from, from + its.size()).equals(its)) {
                    groups.put(
                            group.routine().id(), end - placed.get(from).onset().ticks());
                }
            }
        }
        return new Past(groups, figures);
    }

    private static String key(Placement placement) {
        return placement.item().key();
    }
}
