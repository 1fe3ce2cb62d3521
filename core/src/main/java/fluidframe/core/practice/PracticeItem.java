package fluidframe.core.practice;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One thing to practise in a lesson, with what is due beside it in the same figure: a figure with its faults and the
 * seams it stands in is worked on once.
 *
 * @param first the most urgent
 * @param also what else is due in it, the most urgent first
 */
public record PracticeItem(Due first, List<Due> also) {

    public PracticeItem {
        also = List.copyOf(also);
    }

    /** @param due the most urgent first */
    public static List<PracticeItem> of(List<Due> due) {
        Map<String, List<Due>> items = new LinkedHashMap<>();
        for (Due each : due) {
            items.computeIfAbsent(home(each.subject(), items), key -> new ArrayList<>())
                    .add(each);
        }
        return items.values().stream()
                .map(item -> new PracticeItem(item.get(0), item.subList(1, item.size())))
                .toList();
    }

    /** A seam is worked on with whichever of its two figures is. */
    private static String home(Subject subject, Map<String, List<Due>> items) {
        if (subject instanceof Subject.Seam seam) {
            return items.containsKey(seam.from())
                    ? seam.from()
                    : items.containsKey(seam.to()) ? seam.to() : seam.toString();
        }
        return subject.figure().orElseGet(subject::toString);
    }
}
